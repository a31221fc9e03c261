import { pointOnWall, POINT_PLACES, type Aim, type LightPoint, type TrafficSide } from '../beam';

/** A wall seen from behind the vehicle, to scale, mm: x from the centre line (right positive), y from the floor. */
export interface WallView {
	/** What is drawn, from the left to the right and from the floor up. */
	left: number;
	right: number;
	top: number;
	lamps: {
		side: 'left' | 'right';
		/** Lamp centre. */
		x: number;
		height: number;
		/** Where the cut-off belongs, and its range. */
		mark: number;
		least: number;
		most: number;
		/** The rising arm from the mark out; null where the beam does not rise. */
		arm: { x: number; y: number } | null;
		/** The flat part of the cut-off, to the other side. */
		flat: { x: number };
		/** Where the cut-off stands now; null where nobody measured. */
		now: number | null;
	}[];
	/** Places to hold a meter at, for the lamp on the left. */
	points: { point: LightPoint; label: string; x: number; y: number }[];
}

/** A rising arm climbs at 15 degrees. */
const ARM = Math.tan((15 * Math.PI) / 180);
const ARM_LENGTH = 450;
const FLAT_LENGTH = 500;
const MARGIN = 700;
/** Room for the heights, to the right of the beams. */
const LABELS = 350;

/** The wall of an aim with its marks, to scale. */
export function wallView(
	{ marks, drop, dropMin, dropMax, rises }: Aim,
	{
		height,
		distance,
		traffic,
		now = null,
		points = false
	}: {
		height: number;
		distance: number;
		traffic: TrafficSide;
		/** The cut-off as it stands, mm under lamp height. */
		now?: number | null;
		/** Whether the places to hold a meter at are drawn. */
		points?: boolean;
	}
): WallView {
	const out = rises === 'left' ? -1 : 1;
	const half = Math.max(...marks.map(({ x }) => Math.abs(x)));
	const reach = half + MARGIN;
	const cutOff = height - drop;
	return {
		left: -reach,
		right: reach + LABELS,
		top: height + 420,
		lamps: marks.map(({ lamp, x }) => ({
			side: lamp,
			x,
			height,
			mark: cutOff,
			least: height - dropMin,
			most: height - dropMax,
			arm: rises === null ? null : { x: x + out * ARM_LENGTH, y: cutOff + ARM * ARM_LENGTH },
			flat: { x: x - out * FLAT_LENGTH },
			now: now === null ? null : height - now
		})),
		points: points
			? (Object.keys(POINT_PLACES) as LightPoint[]).flatMap((point) => {
					const at = pointOnWall(point, { distance, traffic });
					const [first] = marks;
					return at && first ? [{ point, label: POINT_PLACES[point].label, x: first.x + at.x, y: cutOff + at.y }] : [];
				})
			: []
	};
}
