import { EventEmitter } from 'node:events';
import type { Bus } from './jobs';

/** Most that may listen to one topic: pages that watch something come and go by themselves. */
const MOST_LISTENERS = 1000;

/** Words within one process. */
export function localBus(): Bus {
	const heard = new EventEmitter();
	heard.setMaxListeners(MOST_LISTENERS);
	return {
		say: (topic, word) => void heard.emit(topic, word),
		hear: (topic, listener) => {
			heard.on(topic, listener);
			return () => heard.off(topic, listener);
		}
	};
}
