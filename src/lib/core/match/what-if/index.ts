export * from './wish';
export * from './coverage';
