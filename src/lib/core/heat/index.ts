export * from './assumptions';
export * from './steady-state';
export * from './rise';
