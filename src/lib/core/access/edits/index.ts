export * from './operations';
export * from './line';
export * from './mirror';
export * from './sister';
