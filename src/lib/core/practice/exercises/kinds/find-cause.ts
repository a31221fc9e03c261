import type { ModeId } from '../../../circuit';
import {
	causeWords,
	Diagnosis,
	Eyes,
	observationWords,
	SYMPTOMS,
	type BayTest,
	type Hypothesis,
	type Observation
} from '../../../learn';
import type { Made } from '../../made';
import type { Chance } from '../../chance';
import { fewestLooks, judgedByLooks, minutesOf } from '../by-looks';
import { LAMP_COSTS, type ExerciseKind } from '../exercise';
import { fittedWithLeds } from '../fitted-leds';

const PLAYED: readonly ModeId[] = ['brake', 'left-turn', 'right-turn', 'reverse', 'position'];
/** A complaint is about one lamp, and something nobody overlooks. */
const COMPLAINED = SYMPTOMS.filter(({ id }) => id === 'not-lit' || id === 'dim' || id === 'wrong-lamp');
const OFFERED = { least: 3, most: 5 } as const;
const MOST_TESTS = 8;
const MOST_LOOKS = 2;
/** Belief from which a cause counts as found, 0 to 1. */
const FOUND = 0.75;
/** An answer of a test is clear from here, 0 to 1. */
const CLEAR = 0.7;
/** A test splits two causes from here. */
const SPLITS = 0.3;
const COST = {
	minutes: 35,
	words: 'A part is changed that was not broken, and the complaint comes back.',
	parts: LAMP_COSTS
};

/** What is asked about: a complaint, the causes it may come from, which of them it is, and what can be looked at. */
interface Riddle {
	observation: Observation;
	causes: readonly Hypothesis[];
	is: Hypothesis;
	tests: readonly BayTest[];
}

/** What a test would say of the vehicle as it is. */
const answerOf = ({ is }: Pick<Riddle, 'is'>, test: BayTest) => test.yes(is) > 0.5;

/** Belief in each cause after some tests, 0 to 1. */
function beliefs({ causes, is }: Pick<Riddle, 'causes' | 'is'>, tests: readonly BayTest[]): Map<Hypothesis, number> {
	const weights = causes.map((one) =>
		tests.reduce((weight, test) => weight * (answerOf({ is }, test) ? test.yes(one) : 1 - test.yes(one)), one.prior)
	);
	const sum = weights.reduce((a, b) => a + b, 0) || 1;
	return new Map(causes.map((one, i) => [one, (weights[i] ?? 0) / sum]));
}

const beliefIn = (riddle: Pick<Riddle, 'causes' | 'is'>, tests: readonly BayTest[]) =>
	beliefs(riddle, tests).get(riddle.is) ?? 0;

/** Lamps beside one: those on its outputs, and those in its unit. */
function beside({ truth }: Made, id: string | undefined): string[] {
	const own = truth.sockets.find((socket) => socket.id === id);
	const fed = truth.channels.filter(({ feeds }) => feeds.some(({ socket }) => socket === id));
	const others = truth.sockets.filter(
		(one) =>
			one.id !== id &&
			(fed.some(({ feeds }) => feeds.some(({ socket }) => socket === one.id)) ||
				(one.zone === own?.zone && one.side === own.side))
	);
	return others.map((one) => one.id as string);
}

/** Tests that tell some causes apart, and whose answer is clear: looks first, they cost least. */
function testsFor(made: Made, diagnosis: Diagnosis, { observation, causes, is }: Omit<Riddle, 'tests'>): BayTest[] {
	const { mode, symptom, place } = observation;
	const read = (ids: readonly string[]) =>
		ids
			.flatMap((id) => diagnosis.testOf(id) ?? [])
			.filter((test) => Math.max(test.yes(is), 1 - test.yes(is)) >= CLEAR)
			.filter((test) => causes.some((one) => Math.abs(test.yes(one) - test.yes(is)) > SPLITS));
	const looks = read(beside(made, place.socket).map((socket) => `look:${mode}:not-lit:${socket}`));
	const hands = read([
		...causes.flatMap(({ suspects }) => suspects.map(({ key }) => `find:${key}`)),
		`filament:${mode}:${symptom}:${place.socket}`
	]);
	return [...looks.slice(0, MOST_LOOKS), ...hands].slice(0, MOST_TESTS);
}

/** A complaint about a lamp of a vehicle that is right otherwise, from one of several causes. */
function riddleOf(made: Made, diagnosis: Diagnosis, chance: Chance): Riddle | null {
	const eyes = new Eyes(diagnosis.simulations);
	const nothing = { does: diagnosis.simulations.recorded };
	const faults = diagnosis.hypotheses.filter(
		({ alter, suspects }) => alter && suspects.every(({ place }) => !place.isAsRecorded)
	);
	for (const mode of chance.shuffled(PLAYED))
		for (const socket of chance.shuffled(made.truth.sockets).slice(0, 4))
			for (const symptom of chance.shuffled(COMPLAINED)) {
				const at = { mode, place: { socket: socket.id as string } };
				if (eyes.shows(nothing, symptom, at) !== false) continue;
				const byCause = new Map<string, Hypothesis>();
				for (const one of faults.filter(
					(fault) => eyes.isAt(fault.suspects[0]!, at.place) && eyes.shows(fault, symptom, at) === true
				)) {
					const known = byCause.get(one.suspects[0]!.cause.id);
					if (!known || one.prior > known.prior) byCause.set(one.suspects[0]!.cause.id, one);
				}
				const causes = chance.shuffled([...byCause.values()].sort((a, b) => b.prior - a.prior).slice(0, OFFERED.most));
				if (causes.length < OFFERED.least) continue;
				const is = chance.pick(causes);
				const observation: Observation = { symptom: symptom.id, mode, place: at.place, absent: false };
				const open = { observation, causes, is };
				const tests = chance.shuffled(testsFor(made, diagnosis, open));
				if (tests.length >= OFFERED.least && beliefIn(open, tests) >= FOUND) return { ...open, tests };
			}
	return null;
}

/** What a complaint comes from, in the fewest minutes of tests. */
export const findCause: ExerciseKind = {
	skill: 'find the cause of a complaint',
	minutes: 3,
	pose: (made, chance) => {
		const { truth: configuration, products, accessories } = made;
		const diagnosis = new Diagnosis({ configuration, fitted: fittedWithLeds(made), products, accessories });
		const riddle = riddleOf(made, diagnosis, chance);
		const enough = riddle && fewestLooks(riddle.tests, (set) => beliefIn(riddle, set) >= FOUND);
		if (!riddle || !enough) return null;
		const { observation, causes, is, tests } = riddle;
		const words = (one: Hypothesis) => causeWords(configuration, one);
		const opened = enough.map((test) => ({
			what: `${test.question} ${answerOf(riddle, test) ? 'Yes.' : 'No.'}`,
			why: `About ${test.minutes} min. ${test.how}`,
			source: 'the causes of a complaint, and the circuit of this vehicle'
		}));
		const least = minutesOf(enough);
		return {
			question: {
				task: 'What does it come from? Look at as little as is needed.',
				given: [
					{ label: 'The customer says', value: observationWords(configuration, observation) },
					{ label: 'Fitted', value: 'LEDs in every place; nothing else was said' }
				],
				drawing: { kind: 'wheel', places: observation.place.socket === undefined ? [] : [observation.place.socket] },
				looks: tests.map(({ id, question, how, minutes }) => ({ id, words: question, how, minutes })),
				answer: { by: 'choice', choices: causes.map((one) => ({ id: one.key, words: words(one) })) },
				reason: null
			},
			judge: (answer, looked) => {
				const made = tests.filter(({ id }) => looked.includes(id));
				if (answer === is.key)
					return judgedByLooks({ isShown: beliefIn(riddle, made) >= FOUND, spent: minutesOf(made), least }, opened);
				return causes.some(({ key }) => key === answer) ? { outcome: 'wrong', opened, cost: COST } : null;
			},
			seen: (look) => {
				const test = tests.find(({ id }) => id === look);
				return test ? { words: answerOf(riddle, test) ? 'Yes.' : 'No.' } : null;
			},
			standsFor: words(is),
			least,
			screen: { room: 'circuit' },
			rightReasons: []
		};
	}
};
