export * from './graph';
export * from './minutes';
export * from './possible';
export * from './plan';
export * from './order';
export * from './adds';
export * from './problems';
export * from './default-access';
