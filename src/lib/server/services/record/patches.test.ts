import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { patched, patchesBetween } from './patches';

const leaf = fc.oneof(fc.integer(), fc.string(), fc.boolean(), fc.constant(null));
const { value } = fc.letrec((tie) => ({
	value: fc.oneof(
		{ depthSize: 'small' },
		leaf,
		fc.array(tie('value'), { maxLength: 5 }),
		fc.dictionary(fc.string({ maxLength: 3 }), tie('value'), { maxKeys: 4 })
	)
}));
const item = fc.record({ id: fc.nat(9), evidence: fc.array(value, { maxLength: 4 }) });
const plain = <T>(state: T): T => JSON.parse(JSON.stringify(state)) as T;

describe('the patches between two states', () => {
	it('lead from one to the other and back, whatever differs', () => {
		const state = fc.record({ sockets: fc.array(item, { maxLength: 6 }), other: value });
		fc.assert(
			fc.property(state, state, fc.array(item, { maxLength: 3 }), (one, two, same) => {
				const [before, after] = [one, two].map(({ sockets, other }) =>
					plain({ sockets: [...same, ...sockets], other })
				);
				const { forward, backward } = patchesBetween(before as object, after as object);
				expect(patched(before as object, forward)).toEqual(after);
				expect(patched(after as object, backward)).toEqual(before);
			}),
			{ numRuns: 300 }
		);
	});

	it('touch what changed and nothing beside it', () => {
		const before = { sockets: [{ id: 'a' }, { id: 'b', lens: 'red', evidence: [1] }], channels: [] };
		const after = { sockets: [{ id: 'a' }, { id: 'b', lens: 'clear', evidence: [1, 2] }], channels: [] };
		expect(patchesBetween(before, after).forward).toEqual([
			{ op: 'replace', path: '/sockets/1/lens', value: 'clear' },
			{ op: 'add', path: '/sockets/1/evidence/-', value: 2 }
		]);
	});
});
