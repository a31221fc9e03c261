export * from './constants';
export * from './colour-temperature';
export * from './format';
