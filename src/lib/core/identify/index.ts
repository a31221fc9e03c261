export * from './words';
export * from './told-apart';
export * from './differences';
export * from './split';
export * from './merge';
export * from './questions';
export * from './narrow';
export * from './vin';
