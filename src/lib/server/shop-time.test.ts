import { describe, expect, it } from 'vitest';
import { zoneIn } from './shop-time';

describe('where the shop stands', () => {
	it.each([
		['Europe/Oslo', 'Europe/Oslo', 'a zone'],
		['Asia/Kolkata', 'Asia/Kolkata', 'a zone that is listed by its older name'],
		['UTC', 'UTC', 'UTC itself'],
		['Skerry/Harbour', 'UTC', 'no zone at all']
	])('%s is %s: %s', (name, zone) => expect(zoneIn({ ROTALUX_TIME_ZONE: name })).toBe(zone));

	it('is where the machine stands when nobody says', () => {
		expect(zoneIn({ ROTALUX_TIME_ZONE: '' })).toBe(zoneIn({}));
	});
});
