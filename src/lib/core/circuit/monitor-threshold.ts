import type { Channel, Configuration } from '../model';
import { flasherThreshold } from './flasher-unit';

/** A fact of an output without which nobody can say what its monitor makes of a lamp. */
export type MissingFact = 'monitor' | 'min-current' | 'flasher-threshold' | 'max-ohm';

/** The same in words. */
export const MISSING_WORDS: Record<MissingFact, string> = {
	monitor: 'whether the vehicle monitors this output',
	'min-current': 'the current below which the monitor complains',
	'flasher-threshold': "the flasher's threshold current",
	'max-ohm': 'the resistance above which the cold check complains'
};

/**
 * What the monitor of a channel asks of everything on it together: at least so many ampere while on,
 * at least so much conductance while off, nothing, or something nobody has written down yet.
 */
export type MonitorThreshold =
	| { kind: 'none' }
	| { kind: 'current'; by: 'hot' | 'flasher'; atLeast: number }
	| { kind: 'conductance'; atLeast: number }
	| { kind: 'unknown'; missing: MissingFact };

/** Reads the threshold of a channel's monitor; a flasher's threshold counts per side and comes from the flasher when the channel has none. */
export function monitorThreshold(configuration: Configuration, channel: Channel): MonitorThreshold {
	if (!channel.monitor) return { kind: 'unknown', missing: 'monitor' };
	const { kind, minCurrent, maxOhm } = channel.monitor;
	switch (kind) {
		case 'none':
			return { kind: 'none' };
		case 'hot':
			return minCurrent === undefined
				? { kind: 'unknown', missing: 'min-current' }
				: { kind: 'current', by: 'hot', atLeast: minCurrent };
		case 'flasher': {
			const threshold = minCurrent ?? flasherThreshold(configuration, channel.id);
			return threshold === undefined
				? { kind: 'unknown', missing: 'flasher-threshold' }
				: { kind: 'current', by: 'flasher', atLeast: threshold };
		}
		case 'cold':
			return maxOhm === undefined || maxOhm <= 0
				? { kind: 'unknown', missing: 'max-ohm' }
				: { kind: 'conductance', atLeast: 1 / maxOhm };
		default:
			return kind satisfies never;
	}
}
