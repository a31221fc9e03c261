export * from './twins';
export * from './walk-order';
export * from './naming';
export * from './evidence';
export * from './channels';
export * from './units';
export * from './supply';
