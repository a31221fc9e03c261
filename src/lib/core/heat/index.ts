export * from './assumptions';
export * from './steady-state';
