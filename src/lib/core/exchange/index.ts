export * from './problems';
export * from './check';
export * from './parse';
export * from './one';
export * from './tables';
export * from './sheets';
export * from './shop';
export * from './stock-form';
