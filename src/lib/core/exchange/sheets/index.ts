export * from './cells';
export * from './columns';
export * from './headings';
export * from './incoming';
export * from './out';
export * from './assemble';
