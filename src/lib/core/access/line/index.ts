export * from './reading';
export * from './completion';
export { fastenerText, toolsFor } from './fasteners';
