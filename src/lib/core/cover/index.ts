export * from './engine';
export * from './cover';
export * from './questions';
