import { PLAIN_BEAM, type BeamPattern } from '../../../beam';
import { RIGHT, type ExerciseKind, type Judged } from '../exercise';
import { byChoice } from '../by-choice';

interface Change {
	words: string;
	/** What the new lamp does to the beam. */
	of: (beam: BeamPattern, amount: number) => BeamPattern;
	/** How much of it, from a little to much. */
	amount: readonly [least: number, most: number];
	done: keyof typeof DONE;
	costs: string;
}

const DONE = {
	collar: 'turn the lamp in its collar',
	down: 'turn the adjuster of the headlamp down',
	up: 'turn the adjuster of the headlamp up',
	lamp: 'take the lamp out: its light does not stand where the filament stood',
	nothing: 'nothing: it may stay'
} as const;

/** What two pictures of a wall may tell apart. A new one is one entry here. */
const CHANGES: Readonly<Record<string, Change>> = {
	clockwise: {
		words: 'the cut-off leans clockwise, seen from the lamp',
		of: (beam, amount) => ({ ...beam, tilt: amount }),
		amount: [4, 8],
		done: 'collar',
		costs: 'One side dazzles, the other is dark.'
	},
	anticlockwise: {
		words: 'the cut-off leans anticlockwise, seen from the lamp',
		of: (beam, amount) => ({ ...beam, tilt: -amount }),
		amount: [4, 8],
		done: 'collar',
		costs: 'One side dazzles, the other is dark.'
	},
	rose: {
		words: 'the cut-off stands higher',
		of: (beam, amount) => ({ ...beam, cutOff: beam.cutOff + amount }),
		amount: [0.9, 1.6],
		done: 'down',
		costs: 'Everybody in front is dazzled.'
	},
	sank: {
		words: 'the cut-off stands lower',
		of: (beam, amount) => ({ ...beam, cutOff: beam.cutOff - amount }),
		amount: [0.9, 1.6],
		done: 'up',
		costs: 'The driver sees half as far as they could.'
	},
	soft: {
		words: 'the edge went soft, with light over it',
		of: (beam, amount) => ({ ...beam, edge: amount, above: 0.1 }),
		amount: [1.6, 2.6],
		done: 'lamp',
		costs: 'Light where none belongs: no adjuster takes it away.'
	},
	same: {
		words: 'nothing worth a word',
		of: (beam) => beam,
		amount: [1, 1],
		done: 'nothing',
		costs: 'A lamp that does no harm is taken out again.'
	}
};

/** What happened to a beam, by two pictures of the wall, and what is done about it. */
export const readBeam: ExerciseKind = {
	skill: 'read two pictures of a beam',
	minutes: 2,
	pose: (made, chance) => {
		if (made.truth.kind === 'trailer') return null;
		const ids = Object.keys(CHANGES);
		const is = chance.pick(ids);
		const change = CHANGES[is] as Change;
		const [least, most] = change.amount;
		const amount = chance.between(least, most, 0.1);
		const before: BeamPattern = { ...PLAIN_BEAM, arm: made.truth.market === 'US' ? 0 : PLAIN_BEAM.arm };
		const judge = (id: string): Judged =>
			id === is
				? RIGHT
				: {
						outcome: is === 'same' ? 'too-careful' : 'wrong',
						opened: [
							{
								what: `${change.words}${is === 'same' ? '' : `: ${amount.toFixed(1)} degrees`}`,
								why: `Hold the flat part of the edge against a straight line, then its height against the mark. Here: ${DONE[change.done]}.`,
								source: 'pattern of the simulated beam'
							}
						],
						cost: { minutes: 25, words: change.costs }
					};
		return byChoice({
			task: 'What happened to the beam?',
			given: [{ label: 'The wall', value: 'from the same place, before and after; the sketch is simulated' }],
			drawing: { kind: 'beams', before, after: change.of(before, amount) },
			options: ids.map((id) => ({ id, words: CHANGES[id]?.words ?? id, judged: judge(id) })),
			reason: {
				question: 'What is done?',
				choices: Object.entries(DONE).map(([id, words]) => ({ id, words }))
			},
			rightReasons: [change.done]
		});
	}
};
