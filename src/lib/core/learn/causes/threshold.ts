import { MODE_IDS } from '../../circuit';
import type { Channel, Configuration } from '../../model';
import type { Alter } from '../scene/bench';
import type { Simulations } from '../scene/simulations';
import { atChannel, ledsIn, type Cause, type CausePlace } from './cause';

/** A monitor set for filament lamps wants one of these shares of what they draw. */
const SHARES = [0.85, 0.6, 0.4];
/** A cold check that is strict, ohm. */
const STRICT_OHMS = [10, 40, 150];

type Monitor = NonNullable<Channel['monitor']>;

/** Another record of an output's monitor. */
const withMonitor =
	(id: string, monitor: Monitor): Alter =>
	({ configuration, fitted }) => ({
		configuration: {
			...configuration,
			channels: configuration.channels.map((channel) => (channel.id === id ? { ...channel, monitor } : channel))
		},
		fitted
	});

const withFlasher =
	(amperes: number): Alter =>
	({ configuration, fitted }) => ({
		configuration: {
			...configuration,
			...(configuration.flasher
				? { flasher: { ...configuration.flasher, thresholdCurrent: amperes } as Configuration['flasher'] }
				: {})
		},
		fitted
	});

/** Most that the filament lamps of an output draw together in any mode, A. */
function stockCurrent({ stock }: Simulations, id: string): number {
	return Math.max(
		0,
		...MODE_IDS.map((mode) => stock(mode).channels.find((channel) => channel.id === id)?.current ?? 0)
	);
}

function otherMonitors({ monitor }: Channel, stock: number): Monitor[] {
	if (monitor?.kind === 'cold')
		return STRICT_OHMS.filter((ohms) => ohms < (monitor.maxOhm ?? Infinity)).map((maxOhm) => ({
			kind: 'cold',
			maxOhm: maxOhm as Monitor['maxOhm'] & number
		}));
	const kind = monitor?.kind === 'flasher' ? 'flasher' : 'hot';
	const recorded = monitor?.kind === 'none' ? 0 : (monitor?.minCurrent ?? 0);
	const higher = SHARES.map((share) => share * stock).filter((amperes) => amperes > 1.1 * recorded);
	return higher.map((minCurrent) => ({ kind, minCurrent: minCurrent as Monitor['minCurrent'] & number }));
}

/** The vehicle looks more closely than its record says. */
export const thresholdDiffers: Cause = {
	id: 'threshold-differs',
	label: 'threshold other than recorded',
	rate: 0.35,
	remedy: { kind: 'record', words: 'Put the measured threshold on record; add the load that it asks for.' },
	look: {
		question: 'Does {place} draw more than its recorded threshold, and the vehicle still complains?',
		how: 'Clamp meter on the wire, function on, warm.',
		minutes: 6
	},
	places: (simulations) => {
		const { scene } = simulations;
		const { configuration } = scene;
		const leds = new Set<string>(ledsIn(scene).map(({ socket }) => socket.id));
		const own = configuration.channels.filter(({ feeds }) => feeds.some(({ socket }) => leds.has(socket)));
		const byFlasher = own.filter(({ monitor }) => monitor?.kind === 'flasher' && monitor.minCurrent === undefined);
		const places = own
			.filter((channel) => !byFlasher.includes(channel))
			.map((channel): CausePlace => ({
				...atChannel(
					channel.id,
					...otherMonitors(channel, stockCurrent(simulations, channel.id)).map((monitor) =>
						withMonitor(channel.id, monitor)
					)
				),
				weight: channel.monitor?.kind === 'none' ? 0.25 : 1
			}));
		const [first] = byFlasher;
		if (!first) return places.filter(({ variants }) => variants.length > 0);
		const side = Math.max(...byFlasher.map(({ id }) => stockCurrent(simulations, id)));
		const recorded = configuration.flasher?.thresholdCurrent ?? 0;
		const amperes = SHARES.map((share) => share * side).filter((one) => one > 1.1 * recorded);
		const flasher: CausePlace = {
			...atChannel(first.id, ...amperes.map(withFlasher)),
			touched: { sockets: [], channels: byFlasher.map(({ id }) => id as string) }
		};
		return [...places, flasher].filter(({ variants }) => variants.length > 0);
	}
};
