export { chanceFrom, type Chance } from './chance';
export { make, type Made, type MadeOptions } from './made';
export type { MadeKind } from './vehicle/places';
export { LEVELS, type Level } from './vehicle/difficulty';
export { practiceFiles, type PracticeFiles } from './files';
export type { MadePaper } from './documents/papers';
export type { Misled } from './documents/errors/error';
export { isRealName } from './names/real-names';
