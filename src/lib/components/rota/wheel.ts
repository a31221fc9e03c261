import { arc } from 'd3-shape';
import { middle, type Cell } from '$lib/core/views/rota-layout';

type Band = readonly [inner: number, outer: number];

/** Measures of a wheel: its rings, where signs stand in a cell, and the box it is drawn in. */
export interface WheelSize {
	rings: Record<Cell['ring'], Band>;
	/** Distance of the function's mark from the outer edge, and of the verdict's shape from the inner one. */
	markInset: number;
	shapeInset: number;
	shape: number;
	width: number;
	height: number;
}

/** With names beside the wheel. */
export const LARGE: WheelSize = {
	rings: { exterior: [160, 208], cabin: [104, 150], core: [52, 94] },
	markInset: 15,
	shapeInset: 11,
	shape: 11,
	width: 716,
	height: 590
};

/** Without names, drawn small: the signs stay readable. */
export const SMALL: WheelSize = {
	rings: { exterior: [146, 208], cabin: [80, 138], core: [18, 72] },
	markInset: 20,
	shapeInset: 11,
	shape: 17,
	width: 520,
	height: 520
};

/** The band of a lamp on the rim, the reach of its glow, and the edge of the night round the wheel. */
export const RIM: Band = [211, 220];
export const GLOW: Band = [211, 243];
export const NIGHT = 252;

/** Outline of a cell between two radii. */
export function outline(cell: Cell, [inner, outer]: Band, pad = 0.012): string {
	const draw = arc<null>().innerRadius(inner).outerRadius(outer).startAngle(cell.from).endAngle(cell.to);
	return draw.padAngle(pad).padRadius(outer).cornerRadius(2)(null) ?? '';
}

/** Point in the middle of a cell at a radius. */
export function pointAt(cell: Cell, radius: number): [x: number, y: number] {
	return [radius * Math.sin(middle(cell)), -radius * Math.cos(middle(cell))];
}

/** Words in lines short enough for the hub of the wheel. */
export function shortLines(text: string, most = 13): string[] {
	const lines: string[] = [];
	for (const word of text.split(' ')) {
		const last = lines.at(-1);
		if (last !== undefined && `${last} ${word}`.length <= most) lines[lines.length - 1] = `${last} ${word}`;
		else lines.push(word);
	}
	return lines.slice(0, 3);
}
