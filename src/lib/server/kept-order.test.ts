import type { Cookies } from '@sveltejs/kit';
import { expect, it } from 'vitest';
import { orderNow } from './kept-order';

const ORDERS = ['price', 'watts'] as const;

/** A browser that keeps what it is given. */
function browser() {
	const kept = new Map<string, string>();
	const cookies = {
		get: (name: string) => kept.get(name),
		set: (name: string, value: string) => void kept.set(name, value)
	} as unknown as Cookies;
	return (query: string) => orderNow({ cookies, url: new URL(`http://shop.test/stock${query}`) }, 'stock', ORDERS);
}

it('a list comes in the order somebody last chose, until another is chosen', () => {
	const look = browser();
	expect(look('')).toEqual({ by: null, down: false });
	expect(look('?by=price&down=')).toEqual({ by: 'price', down: true });
	expect(look('?q=amber')).toEqual({ by: 'price', down: true });
	expect(look('?by=product')).toEqual({ by: null, down: false });
	expect(look('')).toEqual({ by: null, down: false });
});

it('a word that is no column is the usual order', () => {
	expect(browser()('?by=constructor')).toEqual({ by: null, down: false });
});
