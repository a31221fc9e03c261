import { describe, expect, it } from 'vitest';
import { seenNow } from './seen';

const at = (time: string) => new Date(`2026-03-04T${time}:00.000Z`);

describe('since when somebody was away', () => {
	it.each([
		['never here: the last day', undefined, '2026-03-03T12:00:00.000Z'],
		['what a browser keeps is broken: the same', 'x|y', '2026-03-03T12:00:00.000Z'],
		[
			'here ten minutes ago: as before',
			'2026-03-04T09:00:00.000Z|2026-03-04T11:50:00.000Z',
			'2026-03-04T09:00:00.000Z'
		],
		['here this morning: since then', '2026-03-03T09:00:00.000Z|2026-03-04T08:00:00.000Z', '2026-03-04T08:00:00.000Z']
	])('%s', (_, kept, since) => {
		expect(seenNow(kept, at('12:00'))).toEqual({ since, last: '2026-03-04T12:00:00.000Z' });
	});
});
