import { describe, expect, it } from 'vitest';
import { findCategory, LAMP_CATEGORIES } from './category';

const found = (name: string) => {
	const result = findCategory(name);
	return result.kind === 'found' ? result.category.category : result.kind;
};

describe('findCategory', () => {
	it.each([
		['P21W', 'P21W', 'the designation itself'],
		['p21w', 'P21W', 'in any case'],
		[' H7 ', 'H7', 'with spaces round it'],
		['9012', 'HIR2', 'a trade number of one lamp'],
		['9003', 'HB2', 'the US number of HB2, not of H4'],
		['1156', '1156', 'a row of its own wins over being near another'],
		['UK 501', 'W5W', 'a national number'],
		['T10', 'unknown', 'a nickname of a size is no designation'],
		['P99W', 'unknown', 'nobody knows it'],
		['', 'unknown', 'nothing']
	])('%s is %s: %s', (name, expected) => {
		expect(found(name)).toBe(expected);
	});

	it('never takes the first of several categories that share an alias', () => {
		const shared = LAMP_CATEGORIES.flatMap((row) => row.aka).filter((alias, i, all) => all.indexOf(alias) !== i);
		for (const alias of shared.filter((a) => !LAMP_CATEGORIES.some((row) => row.category === a)))
			expect(findCategory(alias).kind).toBe('ambiguous');
	});

	it('has each designation once, and a mount for every cap', () => {
		const names = LAMP_CATEGORIES.map((row) => row.category);
		expect(new Set(names).size).toBe(names.length);
		for (const row of LAMP_CATEGORIES) expect(row.caps.length, row.category).toBeGreaterThan(0);
	});
});
