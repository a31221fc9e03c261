export * from './cells';
export * from './columns';
export * from './headings';
export * from './incoming';
export * from './preview';
export * from './understood';
export * from './out';
export type { Assembled, Existing, ImportOptions, Progress } from './assembly';
export * from './assemble';
