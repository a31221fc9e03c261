export * from './preferences';
export * from './coverage';
export * from './next-facts';
export type { FactRef } from './open-facts';
