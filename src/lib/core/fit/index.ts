export * from './clocking';
export * from './festoon';
export * from './light-centre';
export * from './rear-body';
export * from './clock-advice';
export * from './retention';
export * from './driver-place';
export * from './exceeds';
