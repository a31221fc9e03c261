import { err, ok, type Result } from '../../result';

/** Places of a beam where light is measured. */
export const LIGHT_POINTS = ['hot-spot', 'below', 'above', 'left', 'right'] as const;
export type LightPoint = (typeof LIGHT_POINTS)[number];

/** Traffic side: in right-hand traffic the beam rises to the right. */
export const TRAFFIC_SIDES = ['right', 'left'] as const;
export type TrafficSide = (typeof TRAFFIC_SIDES)[number];

/** Where a point lies, seen from the lamp: degrees to the right of straight ahead, and up from the cut-off. */
interface PointPlace {
	label: string;
	/** Where to hold the meter, in words. */
	where: string;
	/** In right-hand traffic; null where it has to be looked for. */
	right: number | null;
	up: number | null;
}

const percent = (share: number) => (Math.atan(share / 100) * 180) / Math.PI;

/** Every point. Those below and above lie 1.5 % under the cut-off straight ahead and 1 % over it on the oncoming side; the wings at 9 degrees, as UN beam points do. */
export const POINT_PLACES: Record<LightPoint, PointPlace> = {
	'hot-spot': { label: 'Hot spot', where: 'where it is brightest: move the meter', right: null, up: null },
	below: { label: 'Under the cut-off', where: 'straight ahead, 1.5 % under the cut-off', right: 0, up: -percent(1.5) },
	above: {
		label: 'Above the cut-off',
		where: 'on the oncoming side, 1 % over the cut-off',
		right: -3.43,
		up: percent(1)
	},
	left: { label: 'Left wing', where: '9 degrees to the left, 1 degree under the cut-off', right: -9, up: -1 },
	right: { label: 'Right wing', where: '9 degrees to the right, 1 degree under the cut-off', right: 9, up: -1 }
};

/** Where a point stands on the wall, mm from the vertical through the lamp (right positive) and from the cut-off (up positive); null where it has to be looked for. */
export function pointOnWall(
	point: LightPoint,
	{ distance, traffic }: { distance: number; traffic: TrafficSide }
): { x: number; y: number } | null {
	const { right, up } = POINT_PLACES[point];
	if (right === null || up === null) return null;
	const mirrored = point === 'above' && traffic === 'left' ? -right : right;
	const at = (degrees: number) => Math.tan((degrees * Math.PI) / 180) * distance * 1000;
	return { x: at(mirrored), y: at(up) };
}

/** Readings at points of one lamp, lx. */
export type PointReadings = Partial<Record<LightPoint, number>>;

/** The points a beam check wants and that were not measured. */
export function missingPoints(
	readings: PointReadings,
	wanted: readonly LightPoint[]
): Result<null, { missing: LightPoint[]; words: string }> {
	const missing = wanted.filter((point) => readings[point] === undefined);
	return missing.length === 0
		? ok(null)
		: err({
				missing,
				words: `Not measured yet: ${missing.map((point) => POINT_PLACES[point].label.toLowerCase()).join(', ')}.`
			});
}
