export * from './socket';
export * from './candidate';
export * from './facts';
export * from './counter';
export * from './vehicle';
export * from './kit';
export * from './cautions';
export * from './kit-row';
