export * from './rules';
export * from './drop';
export * from './read-aim';
