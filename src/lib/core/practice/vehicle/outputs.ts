import { filamentCurrent, stockPart } from '../../circuit';
import { categoryOrNull, type FunctionId } from '../../lamps';
import { amperes, hertz, ohms, share, type Channel, type Configuration, type Flasher } from '../../model';
import { outputName, supplyOf } from '../../vehicle';
import { addUsualChannels } from '../../record';
import type { Chance } from '../chance';
import type { Difficulty } from './difficulty';

/** Outputs that look at their lamps, of those of a vehicle that has such. */
const WATCHED_SHARE = 0.7;
const FUSES_A = [5, 7.5, 10, 15, 20, 25, 30] as const;
/** A fuse carries this much more than its stock lamps. */
const FUSE_MARGIN = 1.4;
/** On-share of a pulsed headlamp feed. */
const DUTY = 0.9;
const MINOR: ReadonlySet<FunctionId> = new Set(['tail', 'front-position']);
const BEAM: ReadonlySet<FunctionId> = new Set(['low-beam', 'high-beam', 'fog', 'drl']);
const NEVER_WATCHED: ReadonlySet<FunctionId> = new Set(['dome', 'map', 'glovebox', 'luggage', 'door']);

/** Currents of the stock lamps an output feeds while the engine runs, A, one for each. */
function stockCurrents(configuration: Configuration, { feeds }: Channel): number[] {
	const { nominal, running } = supplyOf(configuration);
	return feeds.flatMap((feed) => {
		const socket = configuration.sockets.find(({ id }) => id === feed.socket);
		const lamp = categoryOrNull(socket?.category);
		const isMinor = socket !== undefined && socket.functions.length > 1 && MINOR.has(feed.function);
		const part = lamp && stockPart(lamp, isMinor ? 'minor' : 'major', nominal);
		return part?.kind === 'filament' ? [filamentCurrent({ ...part, volts: running })] : [];
	});
}

const sum = (list: readonly number[]) => list.reduce((total, one) => total + one, 0);
/** Half of the strongest lamp below what all of them draw: a main lamp that is out is noticed, a small one beside it is not. */
const threshold = (currents: readonly number[]) => Number((sum(currents) - Math.max(...currents) / 2).toFixed(2));

/** Turn lamps are counted by the flasher; a trailer has none of its own. */
const counted = ({ kind }: Configuration): Pick<Channel, 'monitor'> => ({
	monitor: { kind: kind === 'trailer' ? 'none' : 'flasher' }
});

function watched(configuration: Configuration, channel: Channel, chance: Chance): Pick<Channel, 'monitor' | 'message'> {
	const currents = stockCurrents(configuration, channel);
	const functions = channel.feeds.map((feed) => feed.function);
	if (functions.includes('turn')) return counted(configuration);
	const isBlind = functions.some((id) => NEVER_WATCHED.has(id)) || !chance.is(WATCHED_SHARE);
	if (isBlind || currents.length === 0) return { monitor: { kind: 'none' } };
	const message = `Check ${outputName(configuration, channel.id)}`;
	return chance.is(0.7)
		? { monitor: { kind: 'hot', minCurrent: amperes.parse(threshold(currents)) }, message }
		: { monitor: { kind: 'cold', maxOhm: ohms.parse(chance.between(15, 60, 5)) }, message };
}

function fuseFor(currents: readonly number[]): number {
	const least = Math.max(3, sum(currents) * FUSE_MARGIN);
	return FUSES_A.find((fuse) => fuse >= least) ?? 30;
}

function flasherOf(configuration: Configuration, isWatched: boolean, chance: Chance): Flasher {
	const side = configuration.channels.find(({ feeds }) => feeds.some((feed) => feed.function === 'turn'));
	const thresholdCurrent = amperes.parse(side ? threshold(stockCurrents(configuration, side)) : 1);
	const normalPerMinute = chance.between(80, 95);
	if (isWatched || chance.is(0.4))
		return { kind: 'body-computer', thresholdCurrent, checksInHazard: chance.is(0.3), normalPerMinute };
	return {
		kind: 'plug-in',
		principle: 'electronic',
		pins: chance.pick([3, 4]),
		thresholdCurrent,
		checksInHazard: false,
		normalPerMinute
	};
}

/** A configuration with every output known: what it feeds, how, its fuse, what looks at it, and the flasher. */
export function wired(configuration: Configuration, difficulty: Difficulty, chance: Chance): Configuration {
	const added = addUsualChannels(configuration);
	const fed = added.ok ? added.value.configuration : configuration;
	const isWatched = chance.is(difficulty.watched);
	const isPulsed = chance.is(difficulty.pulsed);
	const channels = fed.channels.map((channel): Channel => {
		const beams = channel.feeds.filter((feed) => BEAM.has(feed.function));
		const isPwm = isPulsed && beams.length > 0;
		const duty = Object.fromEntries(beams.map((feed) => [feed.function, share.parse(DUTY)]));
		return {
			...channel,
			feed: isPwm
				? { kind: 'pwm', frequency: hertz.parse(chance.pick([100, 120, 150, 200])), duty }
				: { kind: 'steady' },
			fuse: amperes.parse(fuseFor(stockCurrents(fed, channel))),
			...(isWatched
				? watched(fed, channel, chance)
				: channel.feeds.some((feed) => feed.function === 'turn')
					? counted(configuration)
					: { monitor: { kind: 'none' } })
		};
	});
	const looked: Configuration = {
		...fed,
		channels,
		looks: {
			lampOutMessage: channels.some(({ message }) => message) ? 'some' : 'none',
			headlampFeed: isPulsed ? 'pulsed' : 'steady'
		}
	};
	return fed.kind === 'trailer'
		? { ...looked, flasher: { kind: 'none' } }
		: { ...looked, flasher: flasherOf(looked, isWatched, chance) };
}
