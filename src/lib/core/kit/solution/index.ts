export * from './solution';
export * from './circuit';
export * from './circuit-cut';
export * from './solve';
export * from './conflict';
