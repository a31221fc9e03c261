export * from './history';
export * from './edit';
export * from './sockets';
export * from './channels';
export * from './facts';
export * from './identity';
export * from './channel-templates';
export * from './identity-form';
