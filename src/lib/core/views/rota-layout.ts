import type { Ring } from '../vehicle';

/** What the layout needs of a socket. */
export interface Placed {
	id: string;
	ring: Ring;
	zone: string;
	side: 'left' | 'right' | 'centre';
	twin: string;
}

/** A socket's cell: its ring and the arc it takes, radians clockwise from 12 o'clock. */
export interface Cell {
	id: string;
	ring: Ring;
	from: number;
	to: number;
}

/** Rows of a ring: a left and a right socket of one place, or one of them. */
interface Row {
	left?: string;
	right?: string;
}

const AT_TOP: ReadonlySet<string> = new Set(['front', 'cabin', 'engine', 'cluster']);

function rowsOf(sockets: readonly Placed[]): Row[] {
	const rows = new Map<string, Row>();
	for (const { id, side, twin } of sockets) {
		if (side === 'centre') continue;
		const free = [...rows].find(([key, row]) => key.startsWith(twin) && row[side] === undefined)?.[1];
		if (free) free[side] = id;
		else rows.set(rows.has(twin) ? `${twin}#${id}` : twin, { [side]: id });
	}
	return [...rows.values()];
}

/**
 * Lays one ring: centre sockets of the front at the top, then the right side clockwise, centre sockets of the rear at the bottom,
 * the left side back up. A place with only one side leaves its mirror free, so that twins always mirror each other.
 */
function ringCells(ring: Ring, sockets: readonly Placed[]): Cell[] {
	const rows = rowsOf(sockets);
	const centre = sockets.filter((s) => s.side === 'centre');
	const top = centre.filter((s) => AT_TOP.has(s.zone)).map((s) => s.id);
	const bottom = centre.filter((s) => !AT_TOP.has(s.zone)).map((s) => s.id);
	const order: (string | undefined)[] = [
		...rows.map((row) => row.right),
		...bottom,
		...[...rows].reverse().map((row) => row.left),
		...top
	];
	const step = (2 * Math.PI) / Math.max(order.length, 1);
	const start = (top.length * step) / 2;
	return order.flatMap((id, i) =>
		id === undefined ? [] : [{ id, ring, from: start + i * step, to: start + (i + 1) * step }]
	);
}

export const RINGS: readonly Ring[] = ['exterior', 'cabin', 'core'];

/** The cells of a whole rota, ring by ring from the outside, each clockwise from the top right. */
export function layOut(sockets: readonly Placed[]): Cell[] {
	return RINGS.flatMap((ring) =>
		ringCells(
			ring,
			sockets.filter((s) => s.ring === ring)
		)
	);
}

/** Middle of a cell, radians clockwise from 12 o'clock. */
export function middle(cell: Cell): number {
	return (cell.from + cell.to) / 2;
}

const TURN = 2 * Math.PI;
const apart = (a: number, b: number) => {
	const d = (((a - b) % TURN) + TURN) % TURN;
	return Math.min(d, TURN - d);
};

export type Step = 'next' | 'previous' | 'inward' | 'outward' | 'first' | 'last';

/** Where a step from a cell leads; the same cell when there is nothing that way. */
export function stepFrom(cells: readonly Cell[], id: string, step: Step): string {
	const here = cells.find((cell) => cell.id === id) ?? cells[0];
	if (!here) return id;
	const ring = cells.filter((cell) => cell.ring === here.ring);
	const at = ring.indexOf(here);
	switch (step) {
		case 'next':
			return ring[(at + 1) % ring.length]?.id ?? id;
		case 'previous':
			return ring[(at - 1 + ring.length) % ring.length]?.id ?? id;
		case 'first':
			return ring[0]?.id ?? id;
		case 'last':
			return ring.at(-1)?.id ?? id;
		case 'inward':
		case 'outward': {
			const rings = RINGS.filter((name) => cells.some((cell) => cell.ring === name));
			const target = rings[rings.indexOf(here.ring) + (step === 'inward' ? 1 : -1)];
			const there = cells.filter((cell) => cell.ring === target);
			return there.sort((a, b) => apart(middle(a), middle(here)) - apart(middle(b), middle(here)))[0]?.id ?? here.id;
		}
		default:
			return step satisfies never;
	}
}

/** A label beside the wheel, at the height it wants or as near as the others let it. */
export interface RimLabel {
	id: string;
	side: 'left' | 'right';
	y: number;
}

/**
 * Upright labels in two columns beside the outer ring: each at the height of its cell, pushed apart to at least `gap`,
 * all between `top` and `bottom`.
 */
export function rimLabels(
	cells: readonly Cell[],
	geometry: { cy: number; radius: number; gap: number; top: number; bottom: number }
): RimLabel[] {
	const { cy, radius, gap, top, bottom } = geometry;
	const wanted = cells
		.filter((cell) => cell.ring === 'exterior')
		.map((cell) => ({
			id: cell.id,
			side: Math.sin(middle(cell)) >= -1e-9 ? ('right' as const) : ('left' as const),
			y: cy - radius * Math.cos(middle(cell))
		}));
	return (['left', 'right'] as const).flatMap((side) => {
		const column = wanted.filter((label) => label.side === side).sort((a, b) => a.y - b.y);
		column.forEach((label, i) => (label.y = Math.max(label.y, i === 0 ? top : (column[i - 1]?.y ?? top) + gap)));
		for (let i = column.length - 1; i >= 0; i--) {
			const label = column[i];
			if (label) label.y = Math.min(label.y, i === column.length - 1 ? bottom : (column[i + 1]?.y ?? bottom) - gap);
		}
		return column;
	});
}
