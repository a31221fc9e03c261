export * from './assumptions';
export * from './rule';
export * from './beam-check';
export { CHECK_RULES } from './rules';
