/** Edges of an inline driver, mm, in any order. */
export type Box = readonly [number, number, number];

/** Room behind the reference plane, mm, and the body that stands in it. */
export interface Cavity {
	/** Depth with the stock cap closed, and diameter. */
	depth: number;
	diameter: number;
	/** Depth the lamp takes, air for a fan included, and its diameter. */
	bodyDepth: number;
	bodyDiameter: number;
}

/**
 * True when a box fits under the cap: flat against the side of the body, its thickness outwards and its length along the axis,
 * or flat behind the body. Beside the body its outer edge stands at `sqrt((r + t)^2 + (w / 2)^2)`.
 * @example fitsInside([50, 24, 10], { depth: 60, diameter: 70, bodyDepth: 45, bodyDiameter: 40 }) // true, 32.3 mm of 35
 */
export function fitsInside(box: Box, { depth, diameter, bodyDepth, bodyDiameter }: Cavity): boolean {
	const [long = 0, wide = 0, thick = 0] = [...box].sort((a, b) => b - a);
	const beside = long <= depth && Math.hypot(bodyDiameter / 2 + thick, wide / 2) <= diameter / 2;
	const behind = bodyDepth + thick <= depth && Math.hypot(long, wide) <= diameter;
	return beside || behind;
}
