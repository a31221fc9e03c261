export * from './element';
export * from './solve';
export * from './components';
