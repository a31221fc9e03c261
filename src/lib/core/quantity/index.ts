export * from './constants';
export * from './colour-temperature';
export * from './format';
export * from './assumption';
