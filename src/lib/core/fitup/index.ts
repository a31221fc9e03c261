export * from './job';
export * from './wanted-places';
export * from './step';
export * from './checkpoints';
export * from './cautions';
export * from './fit-up';
export * from './plan-fit-up';
export * from './fitting';
