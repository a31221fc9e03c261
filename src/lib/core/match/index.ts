export * from './finding';
export * from './verdict';
export * from './case';
export * from './candidate';
export * from './match';
export * from './across';
export * from './remedies';
export { RULES } from './rules';
export { policyFor } from './gates/law/policy';
