import { describe, expect, it } from 'vitest';
import { makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { placesInShort } from './places-in-short';

const at = (id: string, side: 'left' | 'right', index: number) => ({ ...STOP_SOCKET, id, side, index });
const SIX = [1, 2, 3].flatMap((index) => [at(`s${index}-L`, 'left', index), at(`s${index}-R`, 'right', index)]);
const vehicle = makeConfiguration(SIX);
const ids = SIX.map(({ id }) => id);

describe('the places of a kit line', () => {
	it.each([
		['a pair once', ids.slice(0, 2), ['Rear stop, both']],
		['one by its side', ids.slice(0, 1), ['Rear stop, left']],
		['all of a kind counted', ids, ['Rear stop, all six']],
		['a part of a kind with how many there are', ids.slice(0, 4), ['Rear stop, 4 of 6 places']],
		['none', [], []]
	])('%s', (_, some, said) => {
		expect(placesInShort(vehicle, some)).toEqual(said);
	});
});
