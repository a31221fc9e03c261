export * from './need';
export * from './strategy';
export * from './kinds';
export * from './fitting';
export { carries } from './kinds/load';
