import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import type { Program, Solution } from '../../core/kit';
import { solveHere, Stopped } from '../solver/highs';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** One program to solve; the port takes progress out, and the word to stop in. */
export interface SolveTask {
	program: Program;
	port?: MessagePort;
}

/** Solves one program off the request thread; null when it was stopped. */
export default async function solve({ program, port }: SolveTask): Promise<Solution | null> {
	try {
		return await solveHere(program, {
			onProgress: (progress) => port?.postMessage(progress),
			isStopped: () => port !== undefined && receiveMessageOnPort(port) !== undefined
		});
	} catch (error) {
		if (error instanceof Stopped) return null;
		throw error;
	} finally {
		port?.close();
	}
}
