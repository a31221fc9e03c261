import type { Program, Solution } from '../../core/kit';
import { highsSolver } from '../solver/highs';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** Solves one program off the request thread. */
export default function solve(program: Program): Promise<Solution> {
	return highsSolver(program);
}
