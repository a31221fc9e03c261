import { log } from '../log';
import { localBus } from './bus';
import type { Jobs, Queue, Work } from './jobs';

/** One line: keys that wait, in the order they came, and who works them off. */
interface Line {
	waiting: Set<string>;
	work: Work | null;
	busy: boolean;
}

/** Work in line within one process, which is all there is on a file. What waits is lost with it: who works a line looks at its tables when it begins. */
export function localJobs(): Jobs {
	const lines = new Map<Queue, Line>();
	let stopped = false;
	const lineOf = (queue: Queue): Line => {
		const line = lines.get(queue) ?? { waiting: new Set(), work: null, busy: false };
		lines.set(queue, line);
		return line;
	};
	const goOn = async (queue: Queue): Promise<void> => {
		const line = lineOf(queue);
		if (line.busy || !line.work) return;
		line.busy = true;
		for (const key of line.waiting) {
			if (stopped) break;
			line.waiting.delete(key);
			try {
				await line.work(key);
			} catch (error) {
				if (!stopped) log.error({ err: error, queue, key }, 'a piece of work in line failed');
			}
		}
		line.busy = false;
	};
	return {
		...localBus(),
		send: (queue, key) => {
			lineOf(queue).waiting.add(key);
			void goOn(queue);
			return Promise.resolve();
		},
		work: (queue, work) => {
			lineOf(queue).work = work;
			void goOn(queue);
			return Promise.resolve();
		},
		stop: () => {
			stopped = true;
			return Promise.resolve();
		}
	};
}
