import fc from 'fast-check';
import { expect, it } from 'vitest';
import { codeAt, emptyRow, grown, setCode, verdictAt } from './verdict-row';

it('keeps every verdict apart from its neighbours, and takes more products on', () => {
	fc.assert(
		fc.property(fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 40 }), fc.nat(30), (codes, more) => {
			const row = emptyRow(codes.length);
			codes.forEach((code, i) => setCode(row, i, code));
			const wide = grown(row, codes.length + more);
			expect(codes.map((_, i) => codeAt(wide, i))).toEqual(codes);
			for (let i = codes.length; i < codes.length + more; i++) expect(verdictAt(wide, i)).toBe('refused');
		})
	);
});

it('is refused beyond its end', () => expect(verdictAt(emptyRow(0), 5)).toBe('refused'));
