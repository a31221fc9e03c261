import { describe, expect, it } from 'vitest';
import { findCategory } from './category';
import { interchange, INTERCHANGES } from './interchange';

describe('interchange', () => {
	it.each([
		['H4', 'HB2', 'led', 'same', 'an HB2 may stand for an H4 and the row says which way'],
		['9005', '9006', 'led', 'trim', 'a tab would have to be cut'],
		['9006', '9005', 'led', 'no-fit', 'the other way round it does not enter at all'],
		['W5W', 'W16W', 'led', 'wrong', 'it lights and is far too weak'],
		['921', 'W5W', 'led', 'wrong', 'the entry about LEDs wins over the general one'],
		['H8', 'H11', 'led', 'other-electrics', 'LEDs of this family share a ring'],
		['H8', 'H11', 'filament', 'trim', 'filament lamps do not'],
		['P21W', '7506', 'led', 'same', 'two designations of one lamp'],
		['7506', 'P21W', 'led', 'same', 'and back']
	] as [string, string, 'led' | 'filament', string, string][])('%s into %s (%s) is %s: %s', (from, to, lamp, kind) => {
		expect(interchange(from, to, lamp)?.kind).toBe(kind);
	});

	it('is silent where the table is', () => {
		expect(interchange('H7', 'W5W', 'led')).toBeNull();
		expect(interchange('HB2', 'H4', 'led')?.kind).not.toBe('trim');
	});

	it('names only categories that exist', () => {
		for (const row of INTERCHANGES)
			for (const name of [...row.fromCategories, ...row.toCategories])
				expect(findCategory(name).kind, `${row.from} > ${row.to}`).toBe('found');
	});
});
