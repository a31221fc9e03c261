export * from './candela';
export * from './points';
export * from './compare';
export * from './doubts';
