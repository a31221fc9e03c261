export * from './strength';
export * from './words';
export * from './path';
export * from './claim';
export * from './questions';
