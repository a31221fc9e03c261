export * from './demand';
export * from './demand-sheet';
export * from './filter';
export * from './offer';
export * from './served';
export * from './tally';
