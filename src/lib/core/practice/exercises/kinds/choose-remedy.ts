import { carries, fittedPart, loadOhms, strategyOf } from '../../../accessories';
import { MODES, simulate, vehicleCircuit, type ChannelState, type ModeId } from '../../../circuit';
import { lampFunction } from '../../../lamps';
import type { Accessory } from '../../../model';
import { outputName, supplyOf } from '../../../vehicle';
import type { Made } from '../../made';
import { RIGHT, type Cost, type ExerciseKind, type Judged } from '../exercise';
import { fittedWithLeds } from '../fitted-leds';
import { placesText } from '../shown';

const PLAYED: readonly ModeId[] = ['brake', 'left-turn', 'reverse', 'position'];
const NOTHING = 'nothing';
/** A fuse is loaded up to this share of its rating. */
const FUSE_SHARE = 0.8;
const COST = {
	complains: { minutes: 60, words: 'The complaint stays: the customer comes back with the same message.' },
	hot: { minutes: 90, words: 'The load passes what it is rated for: it burns what is near it.' },
	fuse: { minutes: 45, words: 'The fuse blows, and everything on it goes dark.' }
} as const satisfies Record<string, Cost>;

/** The outputs that complain in a mode once LEDs are fitted: those that are on and are counted by current. */
const complaining = (channels: readonly ChannelState[]) =>
	channels.filter(
		({ monitor, functions, atLeast }) => monitor === 'complains' && functions.length > 0 && atLeast !== null
	);

/** What comes of a load beside every lamp of an output: quiet, cool and inside its fuse, or why not. */
function tried(made: Made, mode: ModeId, { output, load }: { output: ChannelState; load: Accessory | null }): Judged {
	const lit = made.truth.channels.find(({ id }) => id === output.id)?.feeds ?? [];
	const sockets = [
		...new Set(lit.filter((feed) => output.functions.includes(feed.function)).map((feed) => feed.socket))
	];
	const parts = load ? sockets.map((socket) => fittedPart(load, made.truth, { socket, channel: output.id })) : [];
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
	const ohms = load && loadOhms(load);
	const duty = Math.max(...output.functions.map((id) => lampFunction(id).duty));
	const volts = supplyOf(made.truth).charging;
	if (ohms && !carries({ ohms, rating: load.rating ?? 0, duty, volts }))
		return {
			outcome: 'wrong',
			opened: [
				{
					what: `${((volts ** 2 * duty) / ohms).toFixed(0)} W in a load rated ${load.rating} W`,
					why: 'A load is rated at twice its average heat or more, and its surface has to stay bearable for what is near.',
					source: 'rule of load resistors'
				}
			],
			cost: COST.hot
		};
	return RIGHT;
}

/** Which load ends a complaint without burning anything. */
export const chooseRemedy: ExerciseKind = {
	skill: 'choose the remedy',
	minutes: 3,
	pose: (made, chance) => {
		const circuit = vehicleCircuit(made.truth, fittedWithLeds(made));
		for (const mode of chance.shuffled(PLAYED)) {
			const { channels, label } = simulate(circuit, MODES[mode]);
			const [output] = complaining(channels);
			if (!output) continue;
			const loads = made.accessories.filter((part) => loadOhms(part) !== null);
			const judgedLoads = loads.map((load) => ({ load, judged: tried(made, mode, { output, load }) }));
			const serves = chance.shuffled(judgedLoads.filter(({ judged }) => judged.outcome === 'right'));
			const fails = chance.shuffled(judgedLoads.filter(({ judged }) => judged.outcome !== 'right'));
			if (serves.length === 0 || fails.length < 2) continue;
			const offered = [...serves.slice(0, 1), ...fails.slice(0, 3)].sort(
				(a, b) => (loadOhms(a.load) ?? 0) - (loadOhms(b.load) ?? 0)
			);
			const fed = made.truth.channels.find(({ id }) => id === output.id);
			const lamps = made.truth.sockets.filter(({ id }) => fed?.feeds.some((feed) => feed.socket === id));
			return {
				question: {
					task: `LEDs are fitted, ${label.toLowerCase()} is on, and ${outputName(made.truth, output.id)} complain. What ends it, one beside each lamp?`,
					given: [
						{ label: 'Lamps', value: placesText(lamps) },
						{ label: 'The check asks for', value: `${output.atLeast?.toFixed(2)} A at least` },
						{ label: 'The LEDs draw', value: `${output.current?.toFixed(2) ?? '?'} A together` },
						{ label: 'Fuse', value: `${fed?.fuse ?? '?'} A` },
						{ label: 'Caution', value: strategyOf(serves[0]!.load).caution ?? '' },
						{ label: 'Supply while charging', value: `${supplyOf(made.truth).charging} V` }
					],
					drawing: null,
					choices: [
						...offered.map(({ load }) => ({ id: load.id as string, words: load.name ?? load.id })),
						{ id: NOTHING, words: 'Nothing is needed' }
					],
					reason: null
				},
				judged: Object.fromEntries([
					...offered.map(({ load, judged }) => [load.id as string, judged] as const),
					[NOTHING, tried(made, mode, { output, load: null })] as const
				]),
				rightReasons: []
			};
		}
		return null;
	}
};
