import { err, ok, type Result } from '../../result';
import { lampLight, NEAR_M, type LampLight, type LuxReading } from './candela';
import { LIGHT_POINTS, POINT_PLACES, type LightPoint, type PointReadings } from './points';

/** Light of a lamp after a change against before. */
export interface LightChange {
	before: LampLight;
	after: LampLight;
	/** Candela after over before. */
	ratio: number;
	/** How many times as far one sees by it: the square root of the ratio. */
	seeingDistanceFactor: number;
	/** What speaks against the numbers; null when nothing does. */
	caution: string | null;
}

/**
 * Two readings as candela, and what the change comes to. Ratios are worked out, never typed; readings at different distances compare only as candela.
 * @example compareLight({ lux: 30, distance: 5 }, { lux: 12, distance: 10 }) // ratio 1.6
 */
export function compareLight(before: LuxReading, after: LuxReading): Result<LightChange, string> {
	const first = lampLight(before);
	if (!first.ok) return err(`Before: ${first.error}`);
	const second = lampLight(after);
	if (!second.ok) return err(`After: ${second.error}`);
	if (first.value.candela === 0)
		return err('Before: the lamp gave no light over the ambient, so there is nothing to compare with.');
	const ratio = second.value.candela / first.value.candela;
	const near = Math.min(before.distance, after.distance) < NEAR_M;
	const differs = before.distance !== after.distance;
	return ok({
		before: first.value,
		after: second.value,
		ratio,
		seeingDistanceFactor: Math.sqrt(ratio),
		caution:
			near && differs
				? `Nearer than ${NEAR_M} m the inverse square does not hold, and the distances differ: measure both at one place.`
				: near
					? `Nearer than ${NEAR_M} m candela are not true; the ratio at one place is.`
					: null
	});
}

/** Readings at the points of one lamp, at one distance. */
export interface LightSet {
	points: PointReadings;
	/** m */
	distance: number;
	ambient?: number | undefined;
}

/** A point of two sets side by side. */
export interface PointChange {
	point: LightPoint;
	label: string;
	before: LampLight | null;
	after: LampLight | null;
	/** Candela after over before; null where one is missing or dark. */
	ratio: number | null;
	/** Why a reading says nothing. */
	trouble: string | null;
}

/** Each point that one of two sets has, side by side. */
export function comparePoints(before: LightSet | null, after: LightSet | null): PointChange[] {
	const at = (set: LightSet | null, point: LightPoint) => {
		const lux = set?.points[point];
		return set && lux !== undefined ? lampLight({ lux, distance: set.distance, ambient: set.ambient }) : null;
	};
	return LIGHT_POINTS.flatMap((point): PointChange[] => {
		const [first, second] = [at(before, point), at(after, point)];
		if (!first && !second) return [];
		const light = (read: typeof first) => (read?.ok ? read.value : null);
		const [from, to] = [light(first), light(second)];
		return [
			{
				point,
				label: POINT_PLACES[point].label,
				before: from,
				after: to,
				ratio: from && to && from.candela > 0 ? to.candela / from.candela : null,
				trouble: [first, second].flatMap((read) => (read && !read.ok ? read.error : []))[0] ?? null
			}
		];
	});
}
