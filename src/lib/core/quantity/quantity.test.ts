import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { amount, counted, dayIn, decimal, decimalsOf, mired, momentIn, money, readAmount, readNumber } from '.';

describe('a typed number', () => {
	it.each([
		['12', 12, 'plain'],
		['12.5', 12.5, 'a point'],
		['12,5', 12.5, 'a comma'],
		['-0,5', -0.5, 'below nothing'],
		['.5', 0.5, 'no digit before the point'],
		['1e-3', 0.001, 'powers of ten'],
		['1 234,5', 1234.5, 'a space between thousands'],
		["1'234.5", 1234.5, 'a mark between thousands'],
		['1.234,5', 1234.5, 'point for thousands, comma for decimals'],
		['1,234.5', 1234.5, 'the other way round'],
		['1.234.567', 1234567, 'points only'],
		['1,23', 1.23, 'a lone comma is never a thousand'],
		['1.2.3', null, 'no groups of three'],
		['12,34.5', null, 'a group of two'],
		['', null, 'nothing'],
		['abc', null, 'letters'],
		['5 A', null, 'a unit'],
		['--5', null, 'two signs'],
		['Infinity', null, 'no number of anything'],
		['0x10', null, 'not the way people count']
	] as [string, number | null, string][])('%s is %s: %s', (text, value) => expect(readNumber(text)).toBe(value));

	it('is what was written, with either decimal sign', () => {
		fc.assert(
			fc.property(fc.integer({ min: -1e9, max: 1e9 }), fc.nat(3), (whole, digits) => {
				const text = (whole / 10 ** digits).toFixed(digits);
				expect(readNumber(text)).toBe(Number(text));
				expect(readNumber(text.replace('.', ','))).toBe(Number(text));
			})
		);
	});
});

describe('a number in words', () => {
	it('has no more decimals than it needs; mired is a million over kelvin', () => {
		expect([decimal(1.5, 2), decimal(2, 2), mired(5000)]).toEqual(['1.5', '2', 200]);
	});
});

describe('money', () => {
	it.each([
		[3490, 'EUR', '34.90'],
		[3490, 'JPY', '3490'],
		[3490, 'KWD', '3.490'],
		[-5, 'EUR', '-0.05'],
		[123456789, 'SEK', '1234567.89']
	])('%i minor units of %s are %s', (minor, currency, text) => {
		expect(amount(minor, currency)).toBe(text);
		expect(money(minor, currency)).toBe(`${text} ${currency}`);
		expect(readAmount(text, currency)).toBe(minor);
	});

	it('typed by hand, is whole minor units', () => {
		expect([readAmount('34,9', 'EUR'), readAmount('34.905', 'EUR'), readAmount('x', 'EUR')]).toEqual([
			3490,
			3491,
			null
		]);
		expect(decimalsOf('XYZ')).toBe(2);
	});
});

describe('days', () => {
	it.each([
		['2026-03-02T23:30:00Z', 'Europe/Stockholm', '2026-03-03', '2026-03-03 00:30'],
		['2026-07-02T22:30:00.123Z', 'Europe/Stockholm', '2026-07-03', '2026-07-03 00:30'],
		['2026-03-02T03:30:00Z', 'America/New_York', '2026-03-01', '2026-03-01 22:30'],
		['2026-03-02T12:00:00Z', 'UTC', '2026-03-02', '2026-03-02 12:00']
	])('%s in %s is %s', (instant, zone, day, moment) => {
		expect(dayIn(instant, zone)).toBe(day);
		expect(momentIn(instant, zone)).toBe(moment);
	});
});

describe('counts', () => {
	it.each([
		[0, '0 rows'],
		[1, '1 row'],
		[2, '2 rows']
	])('%i: %s', (count, text) => expect(counted(count, 'row')).toBe(text));

	it('with a word of its own for several', () => expect(counted(2, 'thing is', 'things are')).toBe('2 things are'));
});
