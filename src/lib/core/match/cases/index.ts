export * from './shop';
export * from './channel-case';
export * from './socket-case';
export * from './product-case';
export * from './place-heat';
export * from './heat-case';
export * from './neighbours';
export * from './light';
