import { outputName } from '../vehicle';
import type { Channel, Configuration } from '../model';
import { monitorThreshold } from './monitor-threshold';

/** Share that wires and contacts may take of a current that is added up as if they were not there: one part in fifty. */
export const WIRE_SHARE = 1.02;
/** A fuse is loaded to this share of its rating at the most, lastingly (75 to 80 %). */
export const FUSE_SHARE = 0.8;

/** One thing the vehicle measures: some channels together, and what it wants to see. */
export interface MonitorCheck {
	channels: Channel[];
	kind: 'current' | 'conductance';
	by: 'hot' | 'cold' | 'flasher';
	/** Current, A, or conductance, S. */
	atLeast: number;
	words: string;
}

const turnsOn = (configuration: Configuration, side: 'left' | 'right') => (channel: Channel) =>
	channel.monitor?.kind === 'flasher' &&
	channel.feeds.some(({ socket, function: fn }) => {
		const at = configuration.sockets.find((s) => s.id === socket)?.side;
		return fn === 'turn' && (at === side || at === 'centre');
	});

function sideCheck(configuration: Configuration, side: 'left' | 'right'): MonitorCheck[] {
	const channels = configuration.channels.filter(turnsOn(configuration, side));
	const thresholds = channels.map((channel) => monitorThreshold(configuration, channel));
	const wants = thresholds.flatMap((threshold) => (threshold.kind === 'current' ? threshold.atLeast : []));
	if (channels.length === 0 || wants.length < channels.length) return [];
	const atLeast = Math.max(...wants);
	return [
		{ channels, kind: 'current', by: 'flasher', atLeast, words: `flasher: at least ${atLeast} A on the ${side}` }
	];
}

/**
 * Everything a vehicle measures. A flasher that is a unit of its own counts the turn lamps of a side together; a body computer looks at
 * each output by itself. What nobody has written down is not in it.
 */
export function monitorChecks(configuration: Configuration): MonitorCheck[] {
	const bySide = configuration.flasher?.kind !== 'body-computer';
	const single = configuration.channels.flatMap((channel): MonitorCheck[] => {
		const threshold = monitorThreshold(configuration, channel);
		if (bySide && channel.monitor?.kind === 'flasher' && channel.feeds.some((feed) => feed.function === 'turn'))
			return [];
		if (threshold.kind === 'current') {
			const words = `${outputName(configuration, channel.id)}: at least ${threshold.atLeast} A while on`;
			return [{ channels: [channel], kind: 'current', by: threshold.by, atLeast: threshold.atLeast, words }];
		}
		if (threshold.kind !== 'conductance') return [];
		const words = `${outputName(configuration, channel.id)}: at most ${(1 / threshold.atLeast).toFixed(0)} ohm while off`;
		return [{ channels: [channel], kind: 'conductance', by: 'cold', atLeast: threshold.atLeast, words }];
	});
	return bySide ? [...single, ...sideCheck(configuration, 'left'), ...sideCheck(configuration, 'right')] : single;
}
