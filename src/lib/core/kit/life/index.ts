export * from './state';
export * from './compare';
export * from './touched';
export * from './also-for';
