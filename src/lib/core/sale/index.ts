export * from './sale';
export * from './steps';
