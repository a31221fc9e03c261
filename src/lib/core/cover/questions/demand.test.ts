import { describe, expect, it } from 'vitest';
import type { Trait } from '../engine';
import type { CoveredVehicle, VehicleFacts } from '../cover';
import { isChosen, readDemand, weightsOf, type Wanted } from '.';

const facts = (id: string, more: Partial<VehicleFacts> = {}): VehicleFacts =>
	({
		id,
		name: id,
		make: 'Fenholm',
		model: 'Skerry',
		kind: 'car',
		market: 'UN',
		years: [2012, 2016],
		...more
	}) as VehicleFacts;

const FLEET = [
	facts('skerry-1'),
	facts('skerry-2', { years: [2017, 2021] }),
	facts('skerry-us', { market: 'US', years: [2017, 2021] }),
	facts('haul', { make: 'Aldring', model: 'Haul', kind: 'trailer', years: undefined as never })
];

const read = (headings: string[], ...cells: (string | number)[][]) =>
	readDemand({ headings, rows: cells.map((row, i) => ({ number: i + 2, cells: row })) }, FLEET);

const counts = (answer: ReturnType<typeof readDemand>): Record<string, number> =>
	typeof answer === 'string' ? {} : Object.fromEntries(answer.wanted.map((w) => [w.configuration, w.count]));

describe('a table of demand', () => {
	it.each([
		['by id', read(['Configuration', 'Count'], ['SKERRY-1', 40]), { 'skerry-1': 40 }],
		[
			'by make and year, capitals or not',
			read(['MAKE', 'Model year', 'Registrations'], ['fenholm', '2014', 90]),
			{ 'skerry-1': 90 }
		],
		[
			'shared among what a row may mean',
			read(['make', 'model', 'year', 'number'], ['Fenholm', 'Skerry', 2018, 100]),
			{ 'skerry-2': 50, 'skerry-us': 50 }
		],
		[
			'market tells them apart',
			read(['make', 'market', 'year', 'number'], ['Fenholm', 'US', 2018, 100]),
			{ 'skerry-us': 100 }
		],
		['one for a row without a count', read(['make'], ['Aldring']), { haul: 1 }],
		['thousands with spaces', read(['make', 'count'], ['Aldring', '12 500']), { haul: 12500 }],
		['other columns are passed over', read(['plate', 'make', 'count'], ['Q7', 'Aldring', 3]), { haul: 3 }]
	])('%s', (_, answer, expected) => expect(counts(answer)).toEqual(expected));

	it.each([
		['a vehicle nobody has', ['Nobody', 2], 'no vehicle on record'],
		['a count that is none', ['Aldring', 'many'], '"many" is no number'],
		['less than none', ['Aldring', -1], 'is no number'],
		['a row without a vehicle', ['', 5], 'names no vehicle']
	])('says of %s which row and why', (_, cells, why) => {
		const answer = read(['make', 'count'], cells, ['Aldring', 1]);
		if (typeof answer === 'string') throw new Error(answer);
		expect(answer.problems).toEqual([{ row: 2, why: expect.stringContaining(why) }]);
		expect(counts(answer)).toEqual({ haul: 1 });
	});

	it('says what headings it knows when none names a vehicle, and what functions', () => {
		expect(read(['colour'], ['red'])).toContain('no column names a vehicle');
		const answer = read(['make', 'function'], ['Aldring', 'blinker']);
		expect(typeof answer !== 'string' && answer.problems[0]?.why).toContain('"blinker" is no function');
	});
});

describe('weights', () => {
	const traits: Trait[] = [
		{ zone: 'rear', functions: ['stop', 'tail'], closed: false },
		{ zone: 'rear', functions: ['reverse'], closed: false }
	];
	const vehicles = FLEET.map((one) => ({ facts: one })) as unknown as CoveredVehicle[];
	const weigh = (wanted: Wanted[]) => weightsOf({ vehicles, traits }, wanted);

	it('count a vehicle for all its sockets, a function for its own', () => {
		const weights = weigh([
			{ configuration: 'skerry-1', count: 10 },
			{ configuration: 'skerry-1', count: 5 },
			{ configuration: 'skerry-1', function: 'reverse', count: 2 }
		]);
		expect([weights(0, 0), weights(0, 1), weights(1, 0)]).toEqual([15, 17, 0]);
	});

	it('count a socket of two functions once for who wants it once', () => {
		const weights = weigh([
			{ configuration: 'haul', function: 'stop', count: 3 },
			{ configuration: 'haul', function: 'tail', count: 3 }
		]);
		expect(weights(3, 0)).toBe(3);
	});
});

describe('a filter', () => {
	it.each([
		[{}, [true, true, true, true]],
		[{ make: 'Aldring' }, [false, false, false, true]],
		[{ market: 'US' }, [false, false, true, false]],
		[{ years: [2016, 2016] }, [true, false, false, false]],
		[{ years: [2017, null] }, [false, true, true, false]]
	] as const)('%o', (filter, expected) =>
		expect(FLEET.map((one) => isChosen({ from: 'shelf', ...filter }, one))).toEqual(expected)
	);
});
