import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fittingState, MARK_KINDS, takenTimes, type FittingMark } from '.';

const STEPS = ['before', 'do hood', 'lamp a', 'back hood', 'after'];
let number = 0;
const mark = (
	kind: FittingMark['kind'],
	step: string,
	minute: number,
	more: Partial<FittingMark> = {}
): FittingMark => ({
	uid: `u${(number += 1)}`,
	step,
	kind,
	at: new Date(Date.UTC(2026, 2, 2, 8, 0) + minute * 60_000).toISOString(),
	by: 'M. Tveter',
	...more
});

describe('fittingState', () => {
	it('takes each step from the mark before it, and nothing while somebody paused', () => {
		const marks = [
			mark('go-on', 'before', 0),
			mark('done', 'before', 2),
			mark('done', 'do hood', 8),
			mark('pause', 'lamp a', 10),
			mark('done', 'lamp a', 70),
			mark('done', 'back hood', 75.5)
		];
		const state = fittingState(STEPS, marks);
		expect(STEPS.map((id) => state.steps.get(id)?.minutes)).toEqual([2, 6, null, 5.5, null]);
		expect([state.next, state.done, state.isRunning]).toEqual(['after', 4, true]);
		expect(takenTimes(['hood'], state)).toEqual([{ operation: 'hood', minutesOff: 6, minutesOn: 5.5 }]);
	});

	it('ticks together say nothing of minutes, and a night in between is no work', () => {
		const state = fittingState(STEPS, [
			mark('go-on', 'before', 0),
			mark('done', 'before', 0),
			mark('done', 'do hood', 0.1),
			mark('done', 'lamp a', 900)
		]);
		expect(state.steps.get('lamp a')?.minutes).toBeNull();
		expect(takenTimes(['hood'], state)).toEqual([]);
	});

	it('what is taken back is open again; what was said stays', () => {
		const state = fittingState(STEPS, [
			mark('go-on', 'before', 0),
			mark('done', 'before', 1),
			mark('note', 'before', 2, { text: 'rust' }),
			mark('undo', 'before', 3)
		]);
		expect(state.next).toBe('before');
		expect(state.steps.get('before')?.said.map(({ text }) => text)).toEqual(['rust']);
	});

	it('the same marks, sent twice or in any order, come to the same', () => {
		const anyMark = fc.record({
			kind: fc.constantFrom(...MARK_KINDS),
			step: fc.constantFrom(...STEPS, 'gone'),
			minute: fc.integer({ min: 0, max: 500 })
		});
		fc.assert(
			fc.property(fc.uniqueArray(anyMark, { maxLength: 20, selector: ({ minute }) => minute }), (given) => {
				const marks = given.map(({ kind, step, minute }) => mark(kind, step, minute));
				const plain = (list: readonly FittingMark[]) => {
					const { steps, ...rest } = fittingState(STEPS, list);
					return { ...rest, steps: [...steps] };
				};
				expect(plain([...marks].reverse())).toEqual(plain(marks));
				expect(plain([...marks, ...marks])).toEqual(plain(marks));
			})
		);
	});
});
