import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Result } from '../result';
import {
	free,
	handOver,
	isPromised,
	lose,
	order,
	pick,
	reserve,
	shortOf,
	takeBack,
	type PackStanding,
	type Sale
} from '.';

const step = { on: '2026-11-28', by: 'A. Person' };
const line = (sku: string, packs: number) => ({ sku, item: sku, name: `Lamp ${sku}`, packs, returned: 0 });
const sale = (lines = [line('A', 2), line('B', 1)], more: Partial<Sale> = {}): Sale => ({
	id: 'S1',
	code: 'CODE',
	kit: 'K1',
	configuration: 'c',
	branch: null,
	state: 'quoted',
	reservedUntil: null,
	lines,
	total: 1000,
	quotedOn: step.on,
	returns: [],
	log: [],
	...more
});
const standing = (stock: Record<string, [stock: number, promised: number]>) =>
	new Map(Object.entries(stock).map(([sku, [s, promised]]): [string, PackStanding] => [sku, { stock: s, promised }]));
const plenty = standing({ A: [9, 0], B: [9, 0] });
const value = <T>(result: Result<T, string>): T => {
	if (!result.ok) throw new Error(result.error);
	return result.value;
};

describe('a sale', () => {
	it('goes from quote to hand, and part of it back', () => {
		const kept = value(reserve(sale(), { until: '2026-12-10', standing: plenty }, step));
		expect(isPromised(kept, '2026-12-10')).toBe(true);
		expect(isPromised(kept, '2026-12-11')).toBe(false);
		const handed = value(handOver(value(pick(value(order(kept, step)), plenty, step)), step));
		expect(handed).toMatchObject({ state: 'handed-over', reservedUntil: null });
		const some = value(takeBack(handed, { reason: 'fault', restocked: false, packs: new Map([['A', 1]]) }, step));
		expect([some.state, some.lines[0]?.returned]).toEqual(['handed-over', 1]);
		const rest = new Map([
			['A', 1],
			['B', 1]
		]);
		expect(value(takeBack(some, { reason: 'not-wanted', restocked: true, packs: rest }, step)).state).toBe('returned');
		expect(handed.log.map(({ what }) => what)).toEqual([
			'reserved until 2026-12-10',
			'ordered',
			'picked',
			'handed over'
		]);
	});

	it.each([
		[
			'is not kept where others were promised the last pack',
			reserve(sale(), { until: '2026-12-01', standing: standing({ A: [3, 2], B: [1, 0] }) }, step),
			'Lamp A (A): 2 packs wanted, 3 on the shelf, 2 packs of them reserved for others'
		],
		[
			'is not kept for a day that has passed',
			reserve(sale(), { until: '2026-11-27', standing: plenty }, step),
			'in the past'
		],
		['is not kept for ever', reserve(sale(), { until: '2027-11-27', standing: plenty }, step), '60 days at most'],
		['is not picked before it is ordered', pick(sale(), plenty, step), 'Only what was ordered'],
		[
			'is not picked from an empty shelf',
			pick(sale(undefined, { state: 'ordered' }), standing({ A: [9, 0] }), step),
			'Lamp B (B): 1 pack wanted, 0 on the shelf'
		],
		['is not handed over before it is picked', handOver(sale(), step), 'Only what was picked'],
		[
			'is not lost once it is picked',
			lose(sale(undefined, { state: 'picked' }), 'price', step),
			'comes back as a return'
		],
		['gives nothing free where nothing is kept', free(sale(), step), 'Nothing is reserved'],
		[
			'does not come back before it left',
			takeBack(sale(), { reason: 'fault', restocked: true, packs: new Map([['A', 1]]) }, step),
			'Nothing of it has left'
		],
		[
			'does not come back twice',
			takeBack(
				sale(undefined, { state: 'picked' }),
				{ reason: 'fault', restocked: true, packs: new Map([['A', 3]]) },
				step
			),
			'2 can come back, not 3'
		],
		[
			'does not come back as nothing',
			takeBack(sale(undefined, { state: 'picked' }), { reason: 'fault', restocked: true, packs: new Map() }, step),
			'how many packs'
		]
	])('%s', (_, result, words) => expect(result.ok ? 'done' : result.error).toContain(words));

	it('never promises more than there is, whatever is asked for in whatever order', () => {
		const wish = fc.record({ packs: fc.integer({ min: 1, max: 4 }), gives: fc.boolean() });
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 8 }), fc.array(wish, { maxLength: 12 }), (stock, wishes) => {
				let promised = 0;
				for (const { packs, gives } of wishes) {
					const asked = sale([line('A', packs)]);
					const kept = reserve(asked, { until: '2026-12-01', standing: standing({ A: [stock, promised] }) }, step);
					if (!kept.ok) {
						expect(shortOf(asked.lines, standing({ A: [stock, promised] }))).not.toBeNull();
						continue;
					}
					promised += packs;
					if (gives && free(kept.value, step).ok) promised -= packs;
					expect(promised).toBeLessThanOrEqual(stock);
				}
			})
		);
	});
});
