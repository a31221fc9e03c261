import { describe, expect, it } from 'vitest';
import { randomFrom } from '../../../../tests/support/random';
import { fetchFromFew } from './fetching';

describe('packs that are short on a shelf', () => {
	const at = (name: string, free: Record<string, number>) => ({
		branch: name,
		name,
		free: new Map(Object.entries(free))
	});
	const short = [
		{ sku: 'A', packs: 2 },
		{ sku: 'B', packs: 1 }
	];
	const said = ({ fetched, missing }: ReturnType<typeof fetchFromFew>) => [
		...fetched.map(({ sku, packs, from }) => `${packs} ${sku} from ${from.name}`),
		...missing.map(({ sku, packs }) => `${packs} ${sku} nowhere`)
	];

	it('are fetched from as few branches as will do, and what no branch has is said', () => {
		const mole = at('Mole', { A: 9 });
		const quay = at('Quay', { A: 2, B: 1 });
		expect(said(fetchFromFew(short, [mole, quay]))).toEqual(['2 A from Quay', '1 B from Quay']);
		expect(said(fetchFromFew(short, [mole, at('Pier', { A: 1, B: 1 })]))).toEqual(['2 A from Mole', '1 B from Pier']);
		expect(said(fetchFromFew(short, [at('Quay', { A: 1, B: -3 })]))).toEqual([
			'1 A from Quay',
			'1 A nowhere',
			'1 B nowhere'
		]);
		expect(said(fetchFromFew([], [mole]))).toEqual([]);
	});

	it('are neither lost nor made up, whoever has what', () => {
		const random = randomFrom(21);
		const some = (most: number) => Math.floor(random() * most);
		for (let n = 0; n < 300; n++) {
			const wanted = ['A', 'B', 'C', 'D'].map((sku) => ({ sku, packs: some(5) }));
			const there = Array.from({ length: some(5) }, (_, i) =>
				at(`S${i}`, { A: some(4), B: some(4), C: some(3), D: some(2) })
			);
			const { fetched, missing } = fetchFromFew(wanted, there);
			for (const { sku, packs } of wanted) {
				const got = fetched.filter((one) => one.sku === sku);
				const lacking = missing.find((one) => one.sku === sku)?.packs ?? 0;
				const free = there.reduce((sum, one) => sum + (one.free.get(sku) ?? 0), 0);
				expect(got.reduce((sum, one) => sum + one.packs, 0) + lacking).toBe(packs);
				expect(lacking).toBe(Math.max(0, packs - free));
				for (const { packs: own, from } of got)
					expect(own).toBeLessThanOrEqual(there.find(({ name }) => name === from.name)!.free.get(sku)!);
			}
		}
	});
});
