import type { MessagePort } from 'node:worker_threads';
import type { Program, Solution } from '../../core/solver';
import { solveHere } from '../solver/highs';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** One program to solve; the port takes progress out. */
export interface SolveTask {
	program: Program;
	port?: MessagePort;
}

/** Solves one program off the request thread. */
export default async function solve({ program, port }: SolveTask): Promise<Solution> {
	try {
		return await solveHere(program, port && ((progress) => port.postMessage(progress)));
	} finally {
		port?.close();
	}
}
