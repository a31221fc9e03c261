export * from './light';
export * from './aim';
export * from './picture';
export * from './simulated';
export * from './check';
