import type { Channel, Configuration } from '../model';

/**
 * What the monitor of a channel asks of everything on it together: at least so many ampere while on,
 * at least so much conductance while off, nothing, or something nobody has written down yet.
 */
export type Demand =
	| { kind: 'none' }
	| { kind: 'current'; by: 'hot' | 'flasher'; atLeast: number }
	| { kind: 'conductance'; atLeast: number }
	| { kind: 'unknown'; missing: string };

/** Reads the demand of a channel; a flasher's threshold counts per side and comes from the flasher when the channel has none. */
export function demandOf(configuration: Configuration, channel: Channel): Demand {
	if (!channel.monitor) return { kind: 'unknown', missing: 'whether the vehicle monitors this output' };
	const { kind, minCurrent, maxOhm } = channel.monitor;
	switch (kind) {
		case 'none':
			return { kind: 'none' };
		case 'hot':
			return minCurrent === undefined
				? { kind: 'unknown', missing: 'the current below which the monitor complains' }
				: { kind: 'current', by: 'hot', atLeast: minCurrent };
		case 'flasher': {
			const threshold = minCurrent ?? configuration.flasher?.thresholdCurrent;
			return threshold === undefined
				? { kind: 'unknown', missing: "the flasher's threshold current" }
				: { kind: 'current', by: 'flasher', atLeast: threshold };
		}
		case 'cold':
			return maxOhm === undefined || maxOhm <= 0
				? { kind: 'unknown', missing: 'the resistance above which the cold check complains' }
				: { kind: 'conductance', atLeast: 1 / maxOhm };
		default:
			return kind satisfies never;
	}
}
