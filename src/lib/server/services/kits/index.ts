export * from './context';
export * from './draft';
export * from './choices';
export * from './life';
export * from './touched';
export * from './prices';
export * from './show';
export * from './rows';
