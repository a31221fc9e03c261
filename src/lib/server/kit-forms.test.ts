import { describe, expect, it } from 'vitest';
import { kitOrder } from '../core/model';
import { orderIn } from './kit-forms';

const BASE = {
	scope: 'vehicle',
	balance: 'price',
	budget: '',
	kelvin: '',
	maker: '',
	matched: 'on',
	light: '0',
	heat: '0',
	minutes: '0',
	risk: '0'
};

function form(more: Record<string, string> = {}): FormData {
	const data = new FormData();
	for (const [name, value] of Object.entries({ ...BASE, ...more })) data.set(name, value);
	return data;
}

const read = (more: Record<string, string>, before: object = {}) =>
	orderIn(form(more), 'EUR')?.(kitOrder.parse(before));

describe('the form of a kit order', () => {
	it('empty fields are no demands', () => {
		const order = read({});
		expect([order?.budget, order?.kelvin, order?.maker, order?.whole, order?.weights, order?.matched]).toEqual([
			undefined,
			undefined,
			undefined,
			undefined,
			undefined,
			undefined
		]);
	});

	it('packs of every branch count where that is ticked, and no more once it is not', () => {
		expect(read({ everyShelf: 'on' })?.everyShelf).toBe(true);
		expect(read({}, { everyShelf: true })?.everyShelf).toBeUndefined();
	});

	it.each([
		['249.90', 24990],
		['249,90', 24990],
		['0', 0]
	])('a budget of %s is %i minor units', (typed, minor) => expect(read({ budget: typed })?.budget).toBe(minor));

	it.each([
		['about fifty', { budget: 'about fifty' }],
		['a negative budget', { budget: '-5' }],
		['a white nobody makes', { kelvin: '99' }],
		['a scope nobody knows', { scope: 'galaxy' }],
		['a weight beyond its scale', { light: '9' }]
	])('%s is not taken', (_, more) => expect(orderIn(form(more as Record<string, string>), 'EUR')).toBeNull());

	it('a balance as its name says is kept by name, one that was moved by its weights', () => {
		expect(read({ balance: 'light', light: '2', heat: '0.5', risk: '0.5' })?.weights).toBeUndefined();
		expect(read({ balance: 'light', light: '3', heat: '0.5', risk: '0.5' })?.weights).toEqual({
			light: 3,
			heat: 0.5,
			minutes: 0,
			risk: 0.5
		});
	});

	it('a box that is not ticked takes the demand back; what the form does not know stays', () => {
		const before = { whole: true, withoutParts: true, choices: { a: { kind: 'stock', reason: 'x' } } };
		const { matched: _, ...rest } = BASE;
		const data = new FormData();
		for (const [name, value] of Object.entries(rest)) data.set(name, value);
		const order = orderIn(data, 'EUR')?.(kitOrder.parse(before));
		expect([order?.whole, order?.withoutParts, order?.matched]).toEqual([undefined, undefined, false]);
		expect(order?.choices).toEqual(before.choices);
	});
});
