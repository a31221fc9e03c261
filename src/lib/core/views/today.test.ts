import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byWorth, WAITING_KINDS, type Waiting } from './today';

const waiting = (more: Partial<Waiting> = {}): Waiting => ({
	kind: 'kit',
	id: 'K1',
	vehicle: null,
	title: '',
	detail: '',
	worth: 0,
	day: null,
	isPressing: false,
	...more
});

describe('the order of the day', () => {
	it('puts what presses first, then money, then what waits longest', () => {
		const list = [
			waiting({ id: 'old', day: '2026-03-01' }),
			waiting({ id: 'dear', worth: 9000 }),
			waiting({ id: 'new', day: '2026-03-09' }),
			waiting({ id: 'pressing', isPressing: true })
		];
		expect(list.sort(byWorth).map(({ id }) => id)).toEqual(['pressing', 'dear', 'old', 'new']);
	});

	it('is an order: the same whichever way things come in', () => {
		const any = fc.record({
			kind: fc.constantFrom(...WAITING_KINDS),
			id: fc.uuid(),
			vehicle: fc.constant(null),
			title: fc.constant(''),
			detail: fc.constant(''),
			worth: fc.nat(3),
			day: fc.constantFrom(null, '2026-01-01', '2026-01-02'),
			isPressing: fc.boolean()
		});
		fc.assert(
			fc.property(fc.uniqueArray(any, { selector: ({ id }) => id, maxLength: 8 }), (list) => {
				expect([...list].reverse().sort(byWorth)).toEqual([...list].sort(byWorth));
			})
		);
	});
});
