export * from './fears';
export * from './pattern';
export * from './render';
