import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../tests/support/demo';
import { layOut, middle, rimLabels, stepFrom, type Placed, type Step } from './rota-layout';
import { socketViews } from './socket';

const demo = demoDocument();
const rotas = demo.configurations.map((c) => [c.id, socketViews(c)] as const);
const TURN = 2 * Math.PI;

describe.each(rotas)('the rota of %s', (_, sockets) => {
	const cells = layOut(sockets);

	it('has a cell for each socket, none over another', () => {
		expect(new Set(cells.map((c) => c.id))).toEqual(new Set(sockets.map((s) => s.id)));
		for (const a of cells)
			for (const b of cells.filter((c) => c !== a && c.ring === a.ring))
				expect(Math.abs((((middle(a) - middle(b)) % TURN) + TURN) % TURN)).toBeGreaterThan(0.01);
	});

	it('mirrors twins across the vertical axis, the left ones on the left', () => {
		for (const left of sockets.filter((s) => s.side === 'left')) {
			const at = cells.find((c) => c.id === left.id)!;
			expect(Math.sin(middle(at))).toBeLessThan(0);
			const right = sockets.find((s) => s.side === 'right' && s.twin === left.twin);
			const twin = right && cells.find((c) => c.id === right.id);
			if (twin) expect(middle(at) + middle(twin)).toBeCloseTo(TURN, 6);
		}
	});

	it('has the front at the top and the rear at the bottom', () => {
		const height = (zone: string) =>
			cells.filter((c) => sockets.find((s) => s.id === c.id)?.zone === zone).map((c) => Math.cos(middle(c)));
		expect(Math.min(...height('front'))).toBeGreaterThan(Math.max(...height('rear')));
	});

	it('keeps its names apart and inside the drawing', () => {
		const labels = rimLabels(cells, { cy: 0, radius: 272, gap: 16.5, top: -283, bottom: 283 });
		for (const side of ['left', 'right']) {
			const ys = labels
				.filter((l) => l.side === side)
				.map((l) => l.y)
				.sort((a, b) => a - b);
			ys.forEach((y, i) => i > 0 && expect(y - ys[i - 1]!).toBeGreaterThan(16.4));
			expect(ys[0]).toBeGreaterThanOrEqual(-283);
			expect(ys.at(-1)).toBeLessThanOrEqual(283);
		}
	});

	it('can be walked all round with one key, and every ring reached', () => {
		const seen = new Set<string>();
		let id = cells[0]!.id;
		for (let i = 0; i < cells.length; i++) seen.add((id = stepFrom(cells, id, 'next')));
		expect(seen.size).toBe(cells.filter((c) => c.ring === cells[0]!.ring).length);
		const inside = stepFrom(cells, cells[0]!.id, 'inward');
		if (cells.every((c) => c.ring === 'exterior')) return expect(inside).toBe(cells[0]!.id); // a trailer has no cabin
		expect(cells.find((c) => c.id === inside)?.ring).not.toBe('exterior');
		expect(cells.find((c) => c.id === stepFrom(cells, inside, 'outward'))?.ring).toBe('exterior');
	});
});

describe('any rota', () => {
	const any = fc.array(
		fc.record({
			ring: fc.constantFrom('exterior', 'cabin', 'core'),
			zone: fc.constantFrom('front', 'rear', 'cabin'),
			side: fc.constantFrom('left', 'right', 'centre'),
			twin: fc.constantFrom('a', 'b', 'c')
		}),
		{ minLength: 1, maxLength: 60 }
	);

	it('gives every socket a cell, and every step leads to a cell', () => {
		fc.assert(
			fc.property(
				any,
				fc.constantFrom<Step>('next', 'previous', 'inward', 'outward', 'first', 'last'),
				(list, step) => {
					const cells = layOut(list.map((s, i) => ({ ...s, id: `s${i}` })) as Placed[]);
					expect(new Set(cells.map((c) => c.id)).size).toBe(list.length);
					for (const cell of cells) expect(cells.some((c) => c.id === stepFrom(cells, cell.id, step))).toBe(true);
				}
			)
		);
	});
});
