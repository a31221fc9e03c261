export * from './symptoms';
export * from './causes';
export type { Scene, Bench } from './scene/bench';
export { Simulations } from './scene/simulations';
export * from './diagnosis/observation';
export * from './diagnosis/bay-test';
export * from './diagnosis/diagnosis';
export type { Hypothesis, SettledCause, Suspect } from './diagnosis/hypothesis';
export * from './diagnosis/why';
