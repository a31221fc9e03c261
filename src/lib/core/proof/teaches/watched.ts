import { monitorThreshold, type VehicleCircuit } from '../../circuit';
import type { Channel, Configuration } from '../../model';

/** Something a vehicle measures, and the fact of the record that says below or above what it complains. */
export interface Watched {
	subject: { kind: 'channel' | 'flasher'; id: string };
	fact: 'monitor.minCurrent' | 'monitor.maxOhm' | 'thresholdCurrent';
	/** Outputs whose current is counted together. */
	channels: Channel[];
	/** The value in force; undefined where nobody knows. */
	inForce: number | undefined;
}

const onSide = (configuration: Configuration, side: 'left' | 'right') => (channel: Channel) =>
	channel.monitor?.kind === 'flasher' &&
	channel.feeds.some(({ socket, function: fn }) => {
		const at = configuration.sockets.find(({ id }) => id === socket)?.side;
		return fn === 'turn' && (at === side || at === 'centre');
	});

/**
 * Everything a vehicle measures and that tests can bound: each output with a check of its own, and the sides a flasher counts. Outputs that nobody
 * recorded have no fact to be bounded, nor has one whose kind of check is not known.
 */
export function watchedBy({ configuration, fitted }: VehicleCircuit, record: Configuration): Watched[] {
	const single = record.channels.flatMap((channel): Watched[] => {
		const subject = { kind: 'channel' as const, id: channel.id };
		switch (channel.monitor?.kind) {
			case 'hot':
				return [{ subject, fact: 'monitor.minCurrent', channels: [channel], inForce: channel.monitor.minCurrent }];
			case 'cold':
				return [{ subject, fact: 'monitor.maxOhm', channels: [channel], inForce: channel.monitor.maxOhm }];
			case 'flasher':
				return record.flasher?.kind === 'body-computer' || channel.monitor.minCurrent !== undefined
					? [{ subject, fact: 'monitor.minCurrent', channels: [channel], inForce: currentAsked(record, channel) }]
					: [];
			default:
				return [];
		}
	});
	// An LED flasher in its place keeps its rate whatever it feeds: such a test says nothing of the unit that was there.
	const isReplaced = fitted.parts.some(({ effect }) => effect?.kind === 'steady-flasher');
	if (record.flasher?.kind !== 'plug-in' || isReplaced) return single;
	const sides = (['left', 'right'] as const).flatMap((side): Watched[] => {
		const channels = configuration.channels
			.filter(onSide(configuration, side))
			.filter(({ monitor }) => monitor?.minCurrent === undefined);
		return channels.length === 0
			? []
			: [
					{
						subject: { kind: 'flasher', id: 'flasher' },
						fact: 'thresholdCurrent',
						channels,
						inForce: record.flasher?.thresholdCurrent
					}
				];
	});
	return [...single, ...sides];
}

function currentAsked(record: Configuration, channel: Channel): number | undefined {
	const threshold = monitorThreshold(record, channel);
	return threshold.kind === 'current' ? threshold.atLeast : undefined;
}
