import { verdictOf } from './verdict';

export const loop = (): unknown => verdictOf;
