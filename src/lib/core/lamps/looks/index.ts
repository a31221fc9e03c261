export { bayonetCap, type Pins } from './pins';
export { looksOf, type LampLooks } from './looks';
export { lampsLike, READING_MM, type LookedLike, type Seen } from './find';
export { lampOutline, type LampOutline, type OutlinePart } from './outline';
