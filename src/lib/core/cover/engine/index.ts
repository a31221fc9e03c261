export * from './exceptions';
export * from './judge';
export * from './place-book';
export * from './product-book';
export * from './shelf';
export * from './verdict-row';
