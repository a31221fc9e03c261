import { describe, expect, it } from 'vitest';
import { inMarket } from '.';

describe('words of a market', () => {
	it.each([
		['Licence plate', 'US', 'License plate'],
		['back-feed: check the earth', 'US', 'back-feed: check the ground'],
		['Licence plate', 'UN', 'Licence plate'],
		['hearth and earthquake', 'US', 'hearth and earthquake'],
		['turned anticlockwise', 'AU', 'turned anticlockwise']
	])('%s in %s: %s', (text, market, expected) => {
		expect(inMarket(text, market)).toBe(expected);
	});
});
