export * from './scope';
export * from './balance';
export * from './solver';
export * from './lp-text';
export * from './options';
export * from './answer';
export * from './assemble';
export * from './check';
