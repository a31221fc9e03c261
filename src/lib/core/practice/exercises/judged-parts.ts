import { carries, fittedPart, loadOhms, replacesFlasher } from '../../accessories';
import { MODES, simulate, vehicleCircuit, type ChannelState, type ModeId } from '../../circuit';
import { lampFunction } from '../../lamps';
import type { Accessory } from '../../model';
import { outputName, supplyOf } from '../../vehicle';
import type { Made } from '../made';
import { RIGHT, type Cost, type Judged } from './exercise';
import { fittedWithLeds } from './fitted-leds';

/** A fuse is loaded up to this share of its rating. */
const FUSE_SHARE = 0.8;
const COST = {
	complains: { minutes: 60, words: 'The complaint stays: the customer comes back with the same message.' },
	hot: { minutes: 90, words: 'The load passes what it is rated for: it burns what is near it.' },
	fuse: { minutes: 45, words: 'The fuse blows, and everything on it goes dark.' }
} as const satisfies Record<string, Cost>;

/** A part, and the lamp it stands beside; none for one that serves the whole vehicle. */
export interface PlacedPart {
	part: Accessory;
	socket?: string;
}

/** Lamps that an output lights in a mode. */
export const lampsOf = ({ truth }: Made, { id, functions }: ChannelState): string[] => [
	...new Set(
		(truth.channels.find((channel) => channel.id === id)?.feeds ?? [])
			.filter((feed) => functions.includes(feed.function))
			.map((feed) => feed.socket as string)
	)
];

/** What comes of parts against the complaint of an output that LEDs are on: quiet, cool and inside its fuse, or why not. */
export function judgedParts(
	made: Made,
	{ mode, output }: { mode: ModeId; output: ChannelState },
	placed: readonly PlacedPart[]
): Judged {
	const parts = placed
		.filter(({ part, socket }) => socket !== undefined || replacesFlasher(part, output.id, made.truth))
		.map(({ part, socket }) =>
			fittedPart(part, made.truth, socket === undefined ? {} : { socket, channel: output.id })
		);
	const { channels } = simulate(vehicleCircuit(made.truth, { ...fittedWithLeds(made), parts }), MODES[mode]);
	const now = channels.find(({ id }) => id === output.id) ?? output;
	const current = {
		what: `${outputName(made.truth, output.id)}: ${now.current?.toFixed(2) ?? '?'} A`,
		why: now.why,
		source: 'the circuit of this vehicle'
	};
	if (now.blown) return { outcome: 'wrong', opened: [current], cost: COST.fuse };
	if (now.monitor === 'complains') return { outcome: 'wrong', opened: [current], cost: COST.complains };
	if (now.fuseShare !== null && now.fuseShare > FUSE_SHARE)
		return {
			outcome: 'wrong',
			opened: [{ ...current, why: `${Math.round(100 * now.fuseShare)} % of its fuse; at most ${100 * FUSE_SHARE} %.` }],
			cost: COST.fuse
		};
	const duty = Math.max(...output.functions.map((id) => lampFunction(id).duty));
	const volts = supplyOf(made.truth).charging;
	for (const { part } of placed) {
		const ohms = loadOhms(part);
		if (ohms === null || carries({ ohms, rating: part.rating ?? 0, duty, volts })) continue;
		return {
			outcome: 'wrong',
			opened: [
				{
					what: `${((volts ** 2 * duty) / ohms).toFixed(0)} W in a load rated ${part.rating} W`,
					why: 'A load is rated at twice its average heat or more, and its surface has to stay bearable for what is near.',
					source: 'rule of load resistors'
				}
			],
			cost: COST.hot
		};
	}
	return RIGHT;
}
