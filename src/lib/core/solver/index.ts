export * from './solver';
export * from './lp-text';
export * from './split';
