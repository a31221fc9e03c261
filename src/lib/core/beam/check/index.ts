export * from './assumptions';
export * from './beam-check';
export { CHECK_RULES } from './rules';
