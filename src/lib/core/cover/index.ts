export * from './engine';
export * from './cover';
export * from './live';
export * from './whole';
export * from './questions';
export * from './missing';
export * from './idle';
export * from './assortment';
