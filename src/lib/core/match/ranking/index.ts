export * from './criterion';
export { CRITERIA } from './criteria';
export * from './weights';
export * from './score';
