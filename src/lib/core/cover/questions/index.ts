export * from './demand';
export * from './offer';
export * from './served';
export * from './tally';
