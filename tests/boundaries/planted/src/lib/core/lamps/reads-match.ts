import { verdictOf } from '../match/verdict';

export const planted = verdictOf;
