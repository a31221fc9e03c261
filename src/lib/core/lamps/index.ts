export * from './category';
export * from './interchange';
export * from './twin-contact';
export * from './markets';
export * from './functions';
export * from './filament-of';
export * from './lit-together';
export * from './interchange-problems';
