import { beforeAll, describe, expect, it } from 'vitest';
import { accessGraph, doable } from '../../access';
import { aim, AIM_RULES } from '../../beam';
import { socketName } from '../../vehicle';
import {
	chanceFrom,
	EXERCISE_IDS,
	EXERCISE_KINDS,
	make,
	MOST_TURNS,
	poseExercise,
	scoreAnswer,
	turned
} from '../index';
import type { AnswerForm, ExerciseId, Made, Posed } from '../index';
import { answerTo } from '../../../../../tests/support/practice-answers';
import { candidatesIn } from './shop';

interface Asked {
	made: Made;
	posed: Posed;
}

const SEEDS = Array.from({ length: 60 }, (_, i) => i + 1);
/** A complaint plays the whole vehicle hundreds of times: fewer vehicles say as much. */
const FEWER: Partial<Record<ExerciseId, number>> = { 'find-cause': 15 };
const all = {} as Record<ExerciseId, Asked[]>;

beforeAll(() => {
	const vehicles = SEEDS.map((seed) => make(seed));
	for (const kind of EXERCISE_IDS)
		all[kind] = vehicles.slice(0, FEWER[kind]).flatMap((made) => {
			const posed = EXERCISE_KINDS[kind].pose(made, chanceFrom(made.seed));
			return posed ? [{ made, posed }] : [];
		});
});

const GARBAGE = [
	'',
	' ',
	'constructor',
	'__proto__',
	'1=1 1=1',
	'NaN NaN',
	'-1e9 0',
	'=',
	'a=b=c',
	'0'.repeat(5000),
	'<script>alert(1)</script>',
	'\u0000',
	'none of them, or all',
	"'; DROP TABLE practice_answers; --"
];

const formOf = <By extends AnswerForm['by']>({ posed: { question } }: Asked, by: By) => {
	expect(question.answer.by).toBe(by);
	return question.answer as Extract<AnswerForm, { by: By }>;
};
const looksOf = ({ question }: Posed) => question.looks.map(({ id }) => id);
const choicesOf = ({ question: { answer } }: Posed) => (answer.by === 'choice' ? answer.choices : []);
const outcomeOf = (posed: Posed, answer: string) => posed.judge(answer, looksOf(posed))?.outcome;

describe.each(EXERCISE_IDS)('%s', (kind) => {
	it('is asked of most vehicles', () => {
		// Papers that agree leave nothing to ask about.
		const [from, least] = [FEWER[kind] ?? SEEDS.length, kind === 'trust-paper' ? 1 / 4 : 1 / 2];
		expect(all[kind].length).toBeGreaterThan(from * least);
	});

	it('judges every choice, has one that stands and one that does not, and no two of the same words', () => {
		for (const { made, posed } of all[kind]) {
			const choices = choicesOf(posed);
			if (choices.length === 0) continue;
			const outcomes = choices.map(({ id }) => posed.judge(id, looksOf(posed))?.outcome);
			const seed = `seed ${made.seed}`;
			expect(outcomes, seed).not.toContain(undefined);
			expect(
				outcomes.some((outcome) => outcome === 'right' || outcome === 'too-careful'),
				seed
			).toBe(true);
			expect(new Set(outcomes).size, seed).toBeGreaterThan(1);
			expect(new Set(choices.map(({ words }) => words)).size, seed).toBe(choices.length);
		}
	});

	it('asks for a reason that holds or for none, and shows something for every look', () => {
		for (const { posed } of all[kind]) {
			const { reason, looks } = posed.question;
			if (reason) expect(reason.choices.map(({ id }) => id)).toEqual(expect.arrayContaining([...posed.rightReasons]));
			expect(posed.rightReasons.length > 0).toBe(reason !== null);
			expect(posed.standsFor).not.toBe('');
			for (const { id, minutes } of looks) {
				expect(posed.seen(id)).not.toBeNull();
				expect(minutes).toBeGreaterThan(0);
			}
			expect(posed.seen('constructor')).toBeNull();
			expect(posed.judge('constructor', [])?.outcome ?? 'wrong').toBe('wrong');
		}
	});

	it('takes whatever is sent, and calls nothing right that is none of it', () => {
		for (const { posed } of all[kind].slice(0, 12))
			for (const text of GARBAGE) {
				const judged = posed.judge(text, [text, '__proto__']);
				if (judged) expect(judged.outcome, text).toBe('wrong');
				expect(posed.seen(text)).toBeNull();
			}
	});

	it('opens every mistake into what would have said so, and says what it costs', () => {
		for (const { posed } of all[kind])
			for (const { id } of choicesOf(posed)) {
				const judged = posed.judge(id, looksOf(posed))!;
				if (judged.outcome !== 'wrong' && judged.outcome !== 'too-careful') continue;
				expect(judged.opened.length).toBeGreaterThan(0);
				for (const { what, why, source } of judged.opened)
					for (const text of [what, why, source]) expect(text).not.toBe('');
				expect(judged.cost?.minutes).toBeGreaterThan(0);
			}
	});

	it('has an answer that is right and one that is not, and what is enough of the looks is enough', () => {
		for (const { made, posed } of all[kind]) {
			const { chosen, looked } = answerTo(posed, true);
			const right = scoreAnswer(posed, { chosen, looked, reason: posed.rightReasons[0] });
			expect(right, `seed ${made.seed}`).toMatchObject({ outcome: 'right', looks: { spent: posed.least } });
			expect(scoreAnswer(posed, answerTo(posed, false))?.outcome).not.toBe('right');
		}
	});

	it('is the same from the same key', () => {
		const key = { kind, seed: 7, level: 3 } as const;
		const [one, other] = [poseExercise(key), poseExercise(key)];
		expect(one?.question).toEqual(other?.question);
		expect(one?.standsFor).toBe(other?.standsFor);
	});
});

describe('answers that come to the same are called the same', () => {
	it('lamps: every one that the rules let pass is right, and no other', () => {
		for (const { made, posed } of all['choose-lamp']) {
			const socket = made.truth.sockets.find(
				(place) => posed.question.task === `Which lamp goes into ${socketName(place).toLowerCase()}?`
			)!;
			for (const { product, verdict } of candidatesIn(made, socket)) {
				const judged = posed.judge(product.id, looksOf(posed));
				if (judged) expect(judged.outcome === 'right').toBe(verdict === 'fits' || verdict === 'parts');
			}
		}
	});

	it('a walk-line: in any order of its words, and only with all of them', () => {
		for (const { made, posed } of all['enter-walk']) {
			const [, line = ''] = /“(.+)”/.exec(posed.standsFor) ?? [];
			const [zone = '', ...words] = line.split(' ');
			const category = words.findIndex((word) => /\d/.test(word));
			const turnedRound = [...words.slice(category), zone, ...words.slice(0, category)].join(' ');
			for (const text of [line, turnedRound, line.toUpperCase()])
				expect(outcomeOf(posed, text), `seed ${made.seed}: ${text}`).toBe('right');
			const lens = / (clear|amber|red)\b/.exec(line)?.[1] ?? '';
			expect(outcomeOf(posed, line.replace(` ${lens}`, ''))).toBe('too-careful');
			expect(outcomeOf(posed, line.replace(lens, lens === 'red' ? 'amber' : 'red'))).toBe('wrong');
			expect(outcomeOf(posed, `${line} flurb`)).toBe('wrong');
			expect(posed.judge('', [])).toBeNull();
		}
	});

	it('a way in: every order that is possible and takes the least, and no shorter one', () => {
		for (const { made, posed } of all['plan-way']) {
			const { steps } = formOf({ made, posed }, 'order');
			const graph = accessGraph(made.truth);
			const chance = chanceFrom(made.seed);
			const words = posed.standsFor.split(': ').slice(1).join(': ').split('; ');
			const least = words.map((name) => steps.find((one) => one.words === name)!.id);
			for (let i = 0; i < 4; i++) {
				// Whatever is ready next, by chance.
				const order: string[] = [];
				while (order.length < least.length) {
					const ready = least.filter((id) => !order.includes(id) && doable(graph, [...order, id]).has(id));
					order.push(chance.pick(ready));
				}
				expect(outcomeOf(posed, order.join(' ')), `seed ${made.seed}`).toBe('right');
			}
			expect(outcomeOf(posed, least.slice(1).join(' '))).toBe('wrong');
			expect(outcomeOf(posed, [...least].reverse().join(' '))).toBe('wrong');
			expect(posed.judge([...least, least[0]].join(' '), [])).toBeNull();
		}
	});

	it('a beam: whatever turns bring it inside the band of its rule and onto the vertical', () => {
		for (const { made, posed } of all['aim-lamp']) {
			const { wall } = formOf({ made, posed }, 'screws');
			const label = posed.question.given.find((one) => one.label === 'Rule')!.value;
			const rule = AIM_RULES.find(
				(one) => one.label === label && one.id.startsWith('us') === (made.truth.market === 'US')
			)!;
			const worked = aim({ rule: rule.id, height: wall.height, distance: wall.distance, traffic: wall.rises });
			if (!worked.ok) throw new Error(worked.error);
			const { dropMin, dropMax } = worked.value;
			const beside = 1000 * wall.distance * Math.tan((0.2 * Math.PI) / 180);
			let right = 0;
			for (let vertical = -MOST_TURNS; vertical <= MOST_TURNS; vertical++)
				for (let sideways = -MOST_TURNS; sideways <= MOST_TURNS; sideways++) {
					const at = turned(wall, { vertical, sideways });
					const isIn = at.drop >= dropMin && at.drop <= dropMax && Math.abs(at.right) <= beside;
					right += Number(isIn);
					expect(outcomeOf(posed, `${vertical} ${sideways}`) === 'right').toBe(isIn);
				}
			expect(right, `seed ${made.seed}`).toBeGreaterThan(0);
			expect(posed.judge('21 0', [])).toBeNull();
			expect(posed.judge('NaN 0', [])).toBeNull();
		}
	});

	it('a kit: whatever is complete, holds and costs less than the first idea', () => {
		for (const { made, posed } of all['pack-kit'].slice(0, 20)) {
			const { packs } = formOf({ made, posed }, 'packs');
			const [first = 0, ...others] = [...posed.question.task.matchAll(/([\d.]+) EUR/g)].map(
				([, amount]) => 100 * Number(amount)
			);
			expect(others).toEqual([]);
			const chance = chanceFrom(made.seed);
			for (let i = 0; i < 40; i++) {
				const basket = packs.map(({ id }) => [id, chance.is(0.5) ? chance.between(0, 2) : 0] as const);
				const total = packs.reduce(
					(sum, { id, price }) => sum + price * (basket.find(([sku]) => sku === id)?.[1] ?? 0),
					0
				);
				const outcome = outcomeOf(posed, basket.map(([id, count]) => `${id}=${count}`).join(' '));
				if (outcome === 'right') expect(total).toBeLessThan(first);
				if (outcome === 'too-careful') expect(total).toBeGreaterThanOrEqual(Math.round(first));
				expect(['right', 'too-careful', 'wrong']).toContain(outcome);
			}
			expect(outcomeOf(posed, '')).toBe('wrong');
			expect(posed.judge('nothing=1', [])).toBeNull();
		}
	});

	it('a cause: one is so, and it is known only by those who looked', () => {
		for (const { made, posed } of all['find-cause']) {
			const choices = choicesOf(posed);
			const known = choices.filter(({ id }) => outcomeOf(posed, id) !== 'wrong');
			expect(
				known.map(({ words }) => words),
				`seed ${made.seed}`
			).toEqual([posed.standsFor]);
			expect(posed.judge(known[0]!.id, [])?.outcome).toBe('lucky');
			expect(posed.least).toBeGreaterThan(0);
			const single = posed.question.looks.filter(({ id }) => posed.judge(known[0]!.id, [id])?.outcome === 'right');
			for (const { minutes } of single) expect(minutes).toBeGreaterThanOrEqual(posed.least);
		}
	});
});

describe('the scoring', () => {
	it('calls an answer that stands for the wrong reason lucky, and one that was not offered nothing', () => {
		const { posed } = all['predict-dash'][0]!;
		const right = choicesOf(posed).find(({ id }) => outcomeOf(posed, id) === 'right')!.id;
		const wrongReason = posed.question.reason!.choices.find(({ id }) => !posed.rightReasons.includes(id))!.id;
		expect(scoreAnswer(posed, { chosen: right, reason: posed.rightReasons[0] })?.outcome).toBe('right');
		expect(scoreAnswer(posed, { chosen: right, reason: wrongReason })?.outcome).toBe('lucky');
		expect(scoreAnswer(posed, { chosen: right })?.outcome).toBe('lucky');
		expect(scoreAnswer(posed, { chosen: 'constructor' })).toBeNull();
	});

	it('calls a paper that was believed unseen lucky at best, and adds up what was spent on looks', () => {
		for (const { posed } of all['trust-paper']) {
			const [look] = posed.question.looks;
			const right = choicesOf(posed).find(({ id }) => outcomeOf(posed, id) === 'right')!.id;
			expect(scoreAnswer(posed, { chosen: right })).toMatchObject({ outcome: 'lucky', looks: { spent: 0 } });
			expect(scoreAnswer(posed, { chosen: right, looked: [look!.id, 'else'] })).toMatchObject({
				outcome: 'right',
				looks: { spent: look!.minutes, least: look!.minutes }
			});
		}
	});
});
