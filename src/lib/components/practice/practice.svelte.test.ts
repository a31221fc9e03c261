import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import {
	EXERCISE_IDS,
	OUTCOMES,
	poseExercise,
	turned,
	type ExerciseId,
	type Posed,
	type Score
} from '../../core/practice';
import { answerTo } from '../../../../tests/support/practice-answers';
import AnswerFields from './AnswerFields.svelte';
import LampFronts from './LampFronts.svelte';
import LookList from './LookList.svelte';
import { OUTCOME_WORD } from './outcome-words';
import ScorePanel from './ScorePanel.svelte';
import TodayClock from './TodayClock.svelte';

/** The first exercise of a kind from a seed on. */
function first(kind: ExerciseId): Posed {
	for (let seed = 1; seed < 60; seed++) {
		const posed = poseExercise({ kind, seed, level: 3 });
		if (posed) return posed;
	}
	throw new Error(`no exercise of ${kind}`);
}

const fields = ({ question }: Posed, chosen = '', disabled = false) =>
	render(AnswerFields, { props: { form: question.answer, chosen, disabled, send: () => undefined } }).body;
const plain = (html: string) =>
	html
		.replace(/<!--.*?-->/g, '')
		.replace(/<[^>]+>/g, ' ')
		.replace(/&#39;|&quot;|&amp;/g, ' ')
		.replace(/\s+/g, ' ');

describe('the fields of an answer', () => {
	it.each(EXERCISE_IDS)('%s: offer every way to answer, named, and are closed once it is answered', (kind) => {
		const posed = first(kind);
		const { answer } = posed.question;
		const body = fields(posed);
		const offered = { choice: 'radio', line: 'combobox', order: 'button', screws: 'button', packs: 'number' }[
			answer.by
		];
		expect(body).toContain(offered);
		const list = answer.by === 'choice' ? answer.choices : answer.by === 'order' ? answer.steps : [];
		for (const { words } of list) expect(plain(body)).toContain(plain(words));
		const { chosen } = answerTo(posed, true);
		const closed = fields(posed, chosen, true);
		if (answer.by === 'line') expect(plain(closed)).toContain(chosen);
		else if (answer.by === 'choice') expect(closed).toMatch(/<fieldset[^>]* disabled/);
		else expect(closed.match(/<input|<button/g)?.length ?? 0).toBe(closed.match(/disabled/g)?.length ?? 0);
	});

	it('packs: say what the basket comes to', () => {
		const posed = first('pack-kit');
		const { answer } = posed.question;
		if (answer.by !== 'packs') throw new Error('packs are asked for');
		const [one, other] = answer.packs as [(typeof answer.packs)[0], (typeof answer.packs)[0]];
		const total = ((2 * one.price + other.price) / 100).toFixed(2);
		expect(plain(fields(posed, `${one.id}=2 ${other.id}=1`))).toContain(`Total ${total} EUR`);
	});

	it('an order: stands in the order it was put, the rest below', () => {
		const posed = first('plan-way');
		const { answer } = posed.question;
		if (answer.by !== 'order') throw new Error('an order is asked for');
		const [a, b, ...rest] = answer.steps;
		const body = plain(fields(posed, `${b!.id} ${a!.id}`));
		const at = (words: string) => body.indexOf(plain(words));
		expect(at(b!.words)).toBeLessThan(at(a!.words));
		expect(at(a!.words)).toBeLessThan(at('Steps of this vehicle'));
		for (const { words } of rest) expect(body).toContain(plain(words));
	});

	it('adjusters: the wall says in words where the kink is, as the core has it', () => {
		const posed = first('aim-lamp');
		const { answer } = posed.question;
		if (answer.by !== 'screws') throw new Error('adjusters are asked for');
		const { drop, right } = turned(answer.wall, { vertical: 3, sideways: -2 });
		const body = plain(fields(posed, '3 -2'));
		expect(body).toContain(`${Math.round(Math.abs(drop))} mm ${drop < 0 ? 'over' : 'under'} the height of the lamp`);
		expect(body).toContain(`${Math.round(Math.abs(right))} mm to the ${right < 0 ? 'left' : 'right'} of the vertical`);
		expect(body).toContain('3 quarter turns clockwise');
		expect(body).toContain('2 quarter turns anticlockwise');
		expect(body).toContain('The wall is simulated.');
	});
});

describe('what can be looked at', () => {
	const { question, seen } = first('find-cause');
	const list = (taken: number, isOver = false) =>
		render(LookList, {
			props: {
				looks: question.looks,
				seen: question.looks.slice(0, taken).map(({ id }) => ({ id, ...seen(id)! })),
				query: new URLSearchParams('tour=1'),
				isOver
			}
		}).body;

	it('stands there with its minutes, and says nothing before it is taken', () => {
		const body = list(0);
		expect(body.match(/Look for \d+ min/g)).toHaveLength(question.looks.length);
		expect(body).not.toContain('data-testid="seen"');
		expect(body).toContain('?tour=1&amp;looked=');
		expect(plain(body)).toContain('0 min so far');
	});

	it('adds up what was taken, and cannot be taken any more once it is answered', () => {
		const [a, b] = question.looks;
		expect(plain(list(2))).toContain(`${a!.minutes + b!.minutes} min so far`);
		expect(list(2).match(/data-testid="seen"/g)).toHaveLength(2);
		expect(list(2, true)).not.toContain('Look for');
	});
});

describe('a score', () => {
	const score: Score = {
		outcome: 'wrong',
		opened: [{ what: 'size: 30 mm; required: 20 mm', why: 'It does not go in.', source: 'measured in hand' }],
		cost: { minutes: 30, words: 'A second parcel.', parts: 1590 },
		standsFor: 'the short one',
		reasonStands: true,
		looks: { spent: 4, least: 9 }
	};
	const panel = (more: Partial<Score> = {}) =>
		plain(render(ScorePanel, { props: { score: { ...score, ...more } } }).body);

	it('opens a mistake: what stands, what says so, its source, its minutes and its money', () => {
		for (const text of [
			'Wrong',
			'the short one',
			'size: 30 mm; required: 20 mm',
			'It does not go in.',
			'Source: measured in hand',
			'About 30 min of somebody’s time and 15.90 EUR of parts and parcels: 51.90 EUR',
			'assumed: 72.00 EUR an hour',
			'4 min; 9 min are enough'
		])
			expect(panel()).toContain(text);
	});

	it.each(OUTCOMES)('%s is a word, not only a shape', (outcome) => {
		expect(panel({ outcome })).toContain(OUTCOME_WORD[outcome]);
	});

	it('says that luck was luck, and no cost where there is none', () => {
		expect(panel({ outcome: 'lucky', cost: null })).toContain('this time it was luck');
		expect(panel({ cost: null })).not.toContain('customer’s cost');
		expect(panel({ cost: { minutes: 0, words: 'Dearer.', parts: 370 } })).toContain('Dearer. 3.70 EUR');
	});
});

describe('lamps from outside, and the clock', () => {
	it('are said to those who do not see them', () => {
		const body = render(LampFronts, {
			props: { fronts: [{ words: 'Rear turn', lens: 'amber', optic: 'lens-only', glow: '#ff7900' }] }
		}).body;
		expect(body).toContain('aria-label="Rear turn: amber lens, a plain lens"');
		expect(body).toContain('#ff7900');
	});

	it.each([
		[0, '0 of 15 min today'],
		[7 * 60 + 59, '7 of 15 min today'],
		[16 * 60, '16 of 15 min today: enough, the rest tomorrow']
	])('%d s: %s', (seconds, words) => {
		expect(plain(render(TodayClock, { props: { seconds } }).body)).toContain(words);
	});
});
