export * from './result';
export * from './problem';
export * from './assert-never';
