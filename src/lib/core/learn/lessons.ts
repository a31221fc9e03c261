import type { Configuration } from '../model';
import type { Suspect } from './diagnosis/hypothesis';

/** A fact that a settled cause asks for, with what it most likely is. */
export interface Lesson {
	/** A subject of the vehicle's record, or the product. */
	of: { kind: 'socket' | 'channel' | 'flasher' | 'product'; id: string };
	fact: string;
	suggested: string;
}

const other = { standard: 'crossed', crossed: 'standard' } as const;

/** What the record may learn when a complaint is settled by a cause; null where there is nothing but the settled complaint. */
export function lessonFrom(
	configuration: Configuration,
	{ cause, socket: id, channel: output }: Pick<Suspect, 'cause' | 'socket' | 'channel'>,
	product: string | undefined
): Lesson | null {
	switch (cause.id) {
		case 'threshold-differs': {
			const channel = configuration.channels.find((one) => one.id === output);
			if (!channel) return null;
			if (channel.monitor?.kind === 'flasher' && channel.monitor.minCurrent === undefined)
				return { of: { kind: 'flasher', id: 'flasher' }, fact: 'thresholdCurrent', suggested: '' };
			const fact = channel.monitor?.kind === 'cold' ? 'monitor.maxOhm' : 'monitor.minCurrent';
			return { of: { kind: 'channel', id: channel.id }, fact, suggested: '' };
		}
		case 'crossed-wiring': {
			const socket = configuration.sockets.find((one) => one.id === id);
			if (!socket) return null;
			const suggested = socket.wiring === undefined ? '' : other[socket.wiring];
			return { of: { kind: 'socket', id: socket.id }, fact: 'wiring', suggested };
		}
		case 'lamp-turned-round':
			return product === undefined
				? null
				: { of: { kind: 'product', id: product }, fact: 'polarity', suggested: 'sensitive' };
		default:
			return null;
	}
}
