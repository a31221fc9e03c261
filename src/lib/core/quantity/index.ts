export * from './constants';
export * from './colour-temperature';
export * from './format';
export * from './file-size';
export * from './number';
export * from './money';
export * from './day';
export * from './assumption';
