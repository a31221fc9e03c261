export * from './result';
export * from './problem';
