export * from './boxes';
export * from './missing';
export type { NeverClosed } from './never';
export type { PowerBand } from './power';
export * from './price';
export * from './unmet';
