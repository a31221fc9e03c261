import { MODES, simulate, vehicleCircuit, type ModeId, type ModeState } from '../../../circuit';
import { outputName } from '../../../vehicle';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';
import { fittedWithLeds } from '../fitted-leds';
import { lampsOf } from '../judged-parts';
import { placesText } from '../shown';

const PLAYED: readonly ModeId[] = ['position', 'low', 'left-turn', 'right-turn', 'brake', 'reverse', 'fog'];
/** Over this many times the usual rate an indicator races. */
const RACES = 1.5;
const QUIET = 'nothing is said';
const REASONS = {
	little: 'the output draws less than its check or flasher asks for',
	enough: 'what is drawn is enough for what looks at it',
	blind: 'nothing looks at these outputs'
} as const;

const races = ({ flash }: ModeState, usual: number) =>
	[flash.left, flash.right].some((rate) => (rate ?? 0) > RACES * usual);

const listed = (words: readonly string[]) =>
	words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** What the dash says, in words. */
const dashSays = (messages: readonly string[]) => `the dash says ${listed(messages.map((message) => `“${message}”`))}`;

/** What happens in a mode, in words. */
function happens(state: ModeState, usual: number): string {
	const said = state.messages.length > 0 ? [dashSays(state.messages)] : [];
	return listed([...said, ...(races(state, usual) ? ['the indicators race'] : [])]) || QUIET;
}

/** What the dash says once LEDs are fitted and nothing else is done. */
export const predictDash: ExerciseKind = {
	skill: 'predict the dash',
	minutes: 2,
	pose: (made, chance) => {
		if (made.truth.flasher === undefined || made.truth.flasher.kind === 'none') return null;
		const circuit = vehicleCircuit(made.truth, fittedWithLeds(made));
		const usual = made.truth.flasher?.normalPerMinute ?? 85;
		const states = PLAYED.map((mode) => ({ mode, state: simulate(circuit, MODES[mode]) })).filter(({ state }) => {
			const on = state.channels.filter(({ functions }) => functions.length > 0);
			const isQuietOff = state.channels.every((one) => on.includes(one) || one.monitor !== 'complains');
			return on.length > 0 && isQuietOff && on.every(({ monitor }) => monitor !== 'unknown');
		});
		const loud = states.filter(({ state }) => happens(state, usual) !== QUIET);
		const pool = loud.length > 0 && chance.is(0.7) ? loud : states;
		if (pool.length === 0) return null;
		const { state } = chance.pick(pool);
		const is = happens(state, usual);
		const others = new Set([
			QUIET,
			'the indicators race',
			...states.map((one) => happens(one.state, usual)),
			...made.truth.channels.flatMap(({ message }) => (message ? [dashSays([message])] : []))
		]);
		others.delete(is);
		const choices = chance.shuffled([is, ...chance.shuffled([...others]).slice(0, 3)]);
		const on = state.channels.filter(({ functions }) => functions.length > 0);
		const opened = on.map(({ id, why, current }) => ({
			what: `${outputName(made.truth, id)}: ${current === null ? 'current not known' : `${current.toFixed(2)} A`}`,
			why,
			source: 'the circuit of this vehicle'
		}));
		const watched = on.some(({ monitor }) => monitor !== 'none');
		const complains = is !== QUIET;
		const missed: Judged = {
			outcome: complains ? 'wrong' : 'too-careful',
			opened,
			cost: complains
				? { minutes: 60, words: 'The kit goes out without what ends the complaint.' }
				: { minutes: 15, words: 'Loads are sold that nothing asks for: money, heat and work.' }
		};
		return byChoice({
			task: `LEDs stand in every place, and nothing else is done. ${state.label} is switched on: what happens?`,
			given: [
				{ label: 'Flasher', value: made.truth.flasher?.kind?.replaceAll('-', ' ') ?? 'not known' },
				...on.map(({ id, atLeast, current }) => ({
					label: outputName(made.truth, id),
					value: [
						placesText(
							made.truth.sockets.filter((socket) =>
								made.truth.channels.some((c) => c.id === id && c.feeds.some((f) => f.socket === socket.id))
							)
						),
						atLeast === null ? '' : `checked: at least ${atLeast.toFixed(2)} A`,
						current === null ? '' : `LEDs draw ${current.toFixed(2)} A`
					]
						.filter(Boolean)
						.join('; ')
				}))
			],
			drawing: { kind: 'wheel', places: on.flatMap((channel) => lampsOf(made, channel)) },
			screen: { room: 'circuit' },
			options: choices.map((words, i) => ({
				id: String(i),
				words,
				judged: words === is ? { ...RIGHT, opened } : missed
			})),
			reason: {
				question: 'Why?',
				choices: Object.entries(REASONS).map(([id, words]) => ({ id, words }))
			},
			rightReasons: [complains ? 'little' : watched ? 'enough' : 'blind']
		});
	}
};
