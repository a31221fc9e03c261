export * from './preferences';
export * from './coverage';
