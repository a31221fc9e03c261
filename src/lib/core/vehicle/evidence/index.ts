export * from './strength';
export * from './words';
export * from './facts';
export * from './path';
export * from './claim';
export * from './questions';
