export * from './complaint';
export * from './remedy';
export * from './judge';
export * from './best-set';
