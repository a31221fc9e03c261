export * from './filament';
export * from './led-load';
export * from './demand';
export * from './resistor';
export * from './pwm';
