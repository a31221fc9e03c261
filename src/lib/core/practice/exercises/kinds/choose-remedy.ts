import { loadOhms, strategyOf } from '../../../accessories';
import { MODES, simulate, vehicleCircuit, type ChannelState, type ModeId } from '../../../circuit';
import { outputName, supplyOf } from '../../../vehicle';
import type { ExerciseKind } from '../exercise';
import { byChoice } from '../by-choice';
import { fittedWithLeds } from '../fitted-leds';
import { judgedParts, lampsOf } from '../judged-parts';
import { placesText } from '../shown';

const PLAYED: readonly ModeId[] = ['brake', 'left-turn', 'reverse', 'position'];
const NOTHING = 'nothing';

/** The outputs that complain in a mode once LEDs are fitted: those that are on and are counted by current. */
const complaining = (channels: readonly ChannelState[]) =>
	channels.filter(
		({ monitor, functions, atLeast }) => monitor === 'complains' && functions.length > 0 && atLeast !== null
	);

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
			const beside = lampsOf(made, output);
			const judgedLoads = loads.map((load) => ({
				load,
				judged: judgedParts(
					made,
					{ mode, output },
					beside.map((socket) => ({ part: load, socket }))
				)
			}));
			const serves = chance.shuffled(judgedLoads.filter(({ judged }) => judged.outcome === 'right'));
			const fails = chance.shuffled(judgedLoads.filter(({ judged }) => judged.outcome !== 'right'));
			if (serves.length === 0 || fails.length < 2) continue;
			const offered = [...serves.slice(0, 1), ...fails.slice(0, 3)].sort(
				(a, b) => (loadOhms(a.load) ?? 0) - (loadOhms(b.load) ?? 0)
			);
			const fed = made.truth.channels.find(({ id }) => id === output.id);
			const lamps = made.truth.sockets.filter(({ id }) => fed?.feeds.some((feed) => feed.socket === id));
			return byChoice({
				task: `LEDs are fitted, ${label.toLowerCase()} is on, and ${outputName(made.truth, output.id)} complain. What ends it, one beside each lamp?`,
				given: [
					{ label: 'Lamps', value: placesText(lamps) },
					{ label: 'The check asks for', value: `${output.atLeast?.toFixed(2)} A at least` },
					{ label: 'The LEDs draw', value: `${output.current?.toFixed(2) ?? '?'} A together` },
					{ label: 'Fuse', value: `${fed?.fuse ?? '?'} A` },
					{ label: 'Caution', value: strategyOf(serves[0]!.load).caution ?? '' },
					{ label: 'Supply while charging', value: `${supplyOf(made.truth).charging} V` }
				],
				drawing: { kind: 'wheel', places: lamps.map(({ id }) => id as string) },
				screen: { room: 'circuit' },
				options: [
					...offered.map(({ load, judged }) => ({ id: load.id as string, words: load.name ?? load.id, judged })),
					{ id: NOTHING, words: 'Nothing is needed', judged: judgedParts(made, { mode, output }, []) }
				]
			});
		}
		return null;
	}
};
