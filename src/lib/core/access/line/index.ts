export * from './reading';
export * from './completion';
export { fastenerText, readFastener, toolsFor } from './fasteners';
export { CARES as KNOWN_CARES, TOOLS as KNOWN_TOOLS } from './vocabulary';
