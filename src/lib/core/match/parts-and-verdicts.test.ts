import { describe, expect, it } from 'vitest';
import { makeAccessory, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { categoryOrNull } from '../lamps';
import { partsFor, replacesFlasher } from '../accessories';
import { bestRelation, relatedCategories } from './cases/relation';
import { GATES, LEVELS, type Finding } from './findings/finding';
import { gateLevel, verdictOf, worseVerdict, worstLevel } from './findings/verdict';
import { WORDING } from './wording';

const category = categoryOrNull('P21W')!;
const turn = (flasher: object) =>
	makeConfiguration([{ ...STOP_SOCKET, functions: ['turn'] }], {
		make: 'Fenholm',
		model: 'Skerry',
		channels: [
			{
				id: 'turn',
				feeds: [{ socket: 'stop-L', function: 'turn' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'flasher' }
			}
		],
		flasher
	});
const plugIn = turn({ kind: 'plug-in', pins: 3, thresholdCurrent: 2 });
const load = { kind: 'load' as const, channel: 'turn', duty: 0.5 };
const ids = (
	remedy: Parameters<typeof partsFor>[0],
	accessories: ReturnType<typeof makeAccessory>[],
	configuration = plugIn
) => partsFor(remedy, { category, configuration }, accessories).map((a) => a.id as string);

describe('partsFor', () => {
	it.each([
		['a load that may carry the duty', { kind: 'resistor', resistance: 6, rating: 50 }, true],
		['a load rated too low', { kind: 'resistor', resistance: 6, rating: 25 }, false],
		['a load without a resistance', { kind: 'resistor', rating: 50 }, false],
		['a made-up harness', { kind: 'load-harness', resistance: 8, rating: 60 }, true],
		['an LED flasher with the same pins', { kind: 'flasher', fits: { pins: 3 } }, true],
		['an LED flasher with other pins', { kind: 'flasher', fits: { pins: 2 } }, false],
		[
			'a load for another category',
			{ kind: 'resistor', resistance: 6, rating: 50, fits: { categories: ['H7'] } },
			false
		],
		[
			'a load for this category by another name',
			{ kind: 'resistor', resistance: 6, rating: 50, fits: { categories: ['7506'] } },
			true
		],
		[
			'a load for this family',
			{ kind: 'resistor', resistance: 6, rating: 50, fits: { families: ['Fenholm Skerry'] } },
			true
		],
		[
			'a load for another family',
			{ kind: 'resistor', resistance: 6, rating: 50, fits: { families: ['Tarrow Packhorse'] } },
			false
		],
		['a smoothing module', { kind: 'pwm-module' }, false]
	])('%s', (_, accessory, helps) => {
		expect(ids(load, [makeAccessory({ id: 'a', ...accessory })])).toEqual(helps ? ['a'] : []);
	});

	it('a flasher is no remedy where the body computer flashes, or nobody knows the pins', () => {
		const flasher = makeAccessory({ id: 'f', kind: 'flasher', fits: { pins: 3 } });
		for (const other of [
			{ kind: 'body-computer', thresholdCurrent: 2 },
			{ kind: 'plug-in', thresholdCurrent: 2 },
			{ kind: 'none' }
		])
			expect(replacesFlasher(flasher, 'turn', turn(other))).toBe(false);
		expect(replacesFlasher(flasher, 'elsewhere', plugIn)).toBe(false);
	});

	it('a cap must add enough depth; modules and adapters answer their own need', () => {
		const shelf = [
			makeAccessory({ id: 'shallow', kind: 'cap', extraDepth: 10 }),
			makeAccessory({ id: 'deep', kind: 'cap', extraDepth: 25 }),
			makeAccessory({ id: 'module', kind: 'pwm-module' }),
			makeAccessory({ id: 'ring', kind: 'ring' }),
			makeAccessory({ id: 'grease', kind: 'consumable' })
		];
		expect(ids({ kind: 'cap', extraDepth: 12 }, shelf)).toEqual(['deep']);
		expect(ids({ kind: 'cap', extraDepth: 0 }, shelf)).toEqual(['shallow', 'deep']);
		expect(ids({ kind: 'pwm-module' }, shelf)).toEqual(['module']);
		expect(ids({ kind: 'adapter' }, shelf)).toEqual(['ring']);
	});
});

describe('relations', () => {
	const from = (...names: string[]) => names.map((name) => categoryOrNull(name)!);

	it('takes the best of several categories', () => {
		expect(bestRelation(from('PY21W', '1156', 'P21W'), category, 'led')).toMatchObject({
			from: { category: 'P21W' },
			relation: { kind: 'same' }
		});
		expect(bestRelation(from('PY21W', '1156'), category, 'led')).toMatchObject({
			from: { category: '1156' },
			relation: { kind: 'entry' }
		});
		expect(bestRelation([], category, 'led')).toBeNull();
	});

	it('a lamp of another shape is unrelated, and not worth a look', () => {
		expect(bestRelation(from('H7'), category, 'led')?.relation.kind).toBe('unrelated');
		expect(relatedCategories(category)).not.toContain('H7');
		expect(relatedCategories(category)).toEqual(expect.arrayContaining(['P21W', '1156', 'PY21W', 'R5W']));
	});

	it('all festoons are worth a look for a festoon holder', () => {
		expect(relatedCategories(categoryOrNull('festoon 36 mm')!)).toEqual(
			expect.arrayContaining(['C5W', 'C10W', 'festoon 31 mm', '561'])
		);
	});
});

describe('verdicts', () => {
	const of = (...levels: Finding['level'][]) => levels.map((level) => ({ level, gate: 'base' as const }));

	it.each([
		[['pass'], 'fits'],
		[['pass', 'needs', 'pass'], 'parts'],
		[['needs', 'unknown'], 'unknown'],
		[['unknown', 'refuse', 'pass'], 'refused'],
		[[], 'unknown']
	] as [Finding['level'][], string][])('%j is %s', (levels, verdict) => {
		expect(verdictOf(of(...levels))).toBe(verdict);
	});

	it('a refusing finding never helps, and the order does not matter', () => {
		for (const a of LEVELS)
			for (const b of LEVELS) {
				expect(worstLevel(of(a, b))).toBe(worstLevel(of(b, a)));
				expect(LEVELS.indexOf(worstLevel(of(a, b)))).toBeGreaterThanOrEqual(LEVELS.indexOf(a));
			}
		expect(worseVerdict('parts', 'unknown')).toBe('unknown');
		expect(worseVerdict('refused', 'fits')).toBe('refused');
	});

	it('a gate nobody looked at is not passed', () => {
		expect(gateLevel(of('pass'), 'heat')).toBe('unknown');
	});
});

describe('finding codes', () => {
	it('begin with their gate and never change by accident', () => {
		for (const code of Object.keys(WORDING)) expect(GATES).toContain(code.split('.')[0]);
		expect(Object.keys(WORDING).sort()).toMatchSnapshot();
	});
});
