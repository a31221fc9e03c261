import { expect, it } from 'vitest';
import { seenIn, seenQuery, walkIn } from './lamp-seen';

const asked = (query: string) => new URLSearchParams(query);

it('what was seen goes into an address and comes out of it, with the walk to go back to', () => {
	const seen = { mount: 'bayonet', height: 'offset', contacts: 2, length: 52.5 } as const;
	const walk = { vehicle: 'tarrow-packhorse-2014', line: 'rear stop & tail ' };
	const query = asked(seenQuery(seen, walk));
	expect(seenIn(query)).toEqual(seen);
	expect(walkIn(query)).toEqual(walk);
});

it('nothing seen and no walk is no query; what cannot be read was not seen', () => {
	expect(seenQuery({})).toBe('');
	expect(seenIn(asked('mount=magnet&contacts=3&length=-4&across=9999'))).toEqual({});
	expect(walkIn(asked('line=low'))).toBeNull();
});
