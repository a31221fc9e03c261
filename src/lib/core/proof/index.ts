export * from './fitted-there';
export * from './mode-test/expected';
export * from './mode-test/standing';
export * from './mode-test/taps';
export * from './teaches/bounds';
export * from './teaches/lesson';
