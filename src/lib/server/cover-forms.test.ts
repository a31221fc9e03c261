import { describe, expect, it } from 'vitest';
import { coverAsked } from './cover-asked';
import { fleetAsked } from './fleet-asked';
import { placesAsked } from './places-asked';
import { readCustomer, readSaleAction } from './sale-input';
import { readTryOut } from './try-out-input';

const form = (fields: Record<string, string>): FormData => {
	const data = new FormData();
	for (const [name, value] of Object.entries(fields)) data.set(name, value);
	return data;
};
const at = (query: string) => new URL(`http://shop.example/cover?${query}`);

describe('an address of the cover', () => {
	it.each([
		['', { from: 'shelf', ledOnly: true, weigh: 'even' }],
		['from=order&led=any&weigh=vain', { from: 'order', ledOnly: false, weigh: 'vain' }],
		['from=moon&weigh=moon&since=abc', { from: 'shelf', weigh: 'even' }],
		['make=&kind=car&since=2012', { kind: 'car', years: [2012, null] }]
	])('%s', (query, expected) => expect(coverAsked(at(query))).toMatchObject(expected));

	it('asks for no more wheels than are sent at once, and for no such function', () => {
		expect(fleetAsked(at('at=-5&count=100000&order=nothing&least=7'))).toEqual({
			order: 'open',
			share: [0, 1],
			from: 0,
			most: 120
		});
		expect(placesAsked(at('function=blinker&stands=x'), { from: 0, most: 9 })).toMatchObject({ stands: 'open' });
	});
});

describe('an offer that is tried', () => {
	const OFFER = { category: 'PY21W', colour: 'amber', modes: 'single', lumens: '280', watts: '3', frontLength: '48' };

	it('is a product with what the offer says', () => {
		const read = readTryOut(form({ ...OFFER, voltsFrom: '18', voltsTo: '32', limit: '115' }));
		expect(read.ok && read.value).toMatchObject({
			fits: ['PY21W'],
			volts: [18, 32],
			limit: 115,
			size: { frontLength: 48 }
		});
	});

	it.each([
		[{ category: 'XYZ' }, 'no lamp category'],
		[{ watts: 'abc' }, 'Power must be a number'],
		[{ lumens: '-1' }, 'Luminous flux must be at least 0'],
		[{ colour: 'blue' }, 'The colour is missing']
	])('%o is told in one sentence', (wrong, words) => {
		const read = readTryOut(form({ ...OFFER, ...(wrong as Record<string, string>) }));
		expect(read.ok ? 'read' : read.error).toContain(words);
	});
});

describe('what is done with a sale', () => {
	it.each([
		[{ step: 'nothing' }, 'no such step'],
		[{ step: 'reserve', until: 'soon' }, 'until which day'],
		[{ step: 'lose', because: 'rain' }, 'why it was not taken'],
		[{ step: 'take-back' }, 'why it came back'],
		[{ step: 'take-back', reason: 'fault', 'packs:A': '1.5' }, 'no number of packs']
	])('%o is told in one sentence', (fields, words) => {
		const read = readSaleAction(form(fields as Record<string, string>));
		expect(read.ok ? 'read' : read.error).toContain(words);
	});

	it('reads packs by their numbers', () => {
		const read = readSaleAction(form({ step: 'take-back', reason: 'fault', 'packs:A-2': '1', 'packs:B': '' }));
		expect(read).toEqual({
			ok: true,
			value: { kind: 'take-back', reason: 'fault', restocked: false, packs: new Map([['A-2', 1]]) }
		});
	});

	it('keeps nobody’s name without their word', () => {
		expect(readCustomer(form({ customer: ' Boat 7 ' })).ok).toBe(false);
		expect(readCustomer(form({ customer: ' Boat 7 ', agreed: 'yes' }))).toEqual({ ok: true, value: 'Boat 7' });
		expect(readCustomer(form({ agreed: 'yes' }))).toEqual({ ok: true, value: undefined });
		expect(readCustomer(form({ customer: 'x'.repeat(99), agreed: 'yes' })).ok).toBe(false);
	});
});
