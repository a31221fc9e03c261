import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../../tests/support/demo';
import { valueAt } from '../../vehicle';
import { FACTS, type SubjectKind } from '..';

const kinds = Object.entries(FACTS) as [SubjectKind, (typeof FACTS)[SubjectKind]][];
const data = demoDocument();
/** What a maker says may be anything. */
const CLAIMS = ['flux.claimed', 'life'];

describe('what a number commonly is', () => {
	it('is said of numbers alone, and goes upwards', () => {
		for (const [kind, table] of kinds)
			for (const [path, { usual, kind: written }] of Object.entries(table))
				if (usual) {
					expect(['number', 'count'], `${kind} ${path}`).toContain(written);
					expect(usual[0], `${kind} ${path}`).toBeLessThan(usual[1]);
				}
	});

	it.each([
		['product', data.products],
		['socket', data.configurations.flatMap(({ sockets }) => sockets)],
		['channel', data.configurations.flatMap(({ channels }) => channels ?? [])]
	] as const)('holds for every %s of the demo, claims apart', (kind, records) => {
		const odd = Object.entries(FACTS[kind]).flatMap(([path, { usual }]) =>
			records.flatMap((record) => {
				const value = valueAt(record, path);
				return usual && !CLAIMS.includes(path) && typeof value === 'number' && (value < usual[0] || value > usual[1])
					? [`${path}: ${value}`]
					: [];
			})
		);
		expect(odd).toEqual([]);
	});
});
