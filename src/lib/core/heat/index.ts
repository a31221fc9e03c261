export * from './assumptions';
export * from './steady-state';
export * from './rise';
export * from './pulses';
export * from './load';
