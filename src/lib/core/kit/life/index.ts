export * from './state';
export * from './compare';
export * from './release-impacts';
export * from './also-for';
