export * from './best-choice';
export * from './compare';
export * from './dead-stock';
export * from './doubles';
export * from './greedy';
export * from './reorder';
export * from './serving-sets';
