import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slug } from './slug';

describe('a plain name from words', () => {
	it.each([
		['Fenholm Skerry II 2017', 'fenholm-skerry-ii-2017', 'plain words'],
		['Ærøskøbing Öring', 'aeroskobing-oring', 'northern letters'],
		['Фенхольм Шхера', 'fenholm-shhera', 'Cyrillic'],
		['../../etc', 'etc', 'nothing a path could trip over'],
		['  --  ', '', 'nothing left']
	])('%s is %s: %s', (text, name) => expect(slug(text)).toBe(name));

	it('of any alphabet is never empty for letters, and always plain', () => {
		for (const text of ['灯光', 'عربة', 'רכב', 'αυτοκίνητο', 'รถ'])
			expect(slug(text)).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
		fc.assert(
			fc.property(fc.string({ unit: 'grapheme' }), (text) => {
				expect(slug(text)).toMatch(/^([a-z0-9]+(-+[a-z0-9]+)*)?$/);
			})
		);
	});
});
