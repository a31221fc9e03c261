/** A low beam as a pattern of light, angles in degrees from straight ahead: right and up positive. */
export interface BeamPattern {
	/** Height of the flat part of the cut-off, degrees; -0.57 is 1 % down. */
	cutOff: number;
	/** Angle of the rising arm; 0 for a flat cut-off. */
	arm: number;
	/** To which side it rises. */
	rises: 'left' | 'right';
	/** From 12 to 88 % of the edge, degrees. */
	edge: number;
	/** The whole pattern turned about straight ahead, degrees, clockwise positive as seen from the lamp. */
	tilt: number;
	/** Hot spot: under the cut-off, and its reach, degrees; and its light, 1 is full. */
	hotSpot: { under: number; wide: number; tall: number; light: number };
	/** The carpet of light under the cut-off, its reach and its light. */
	spread: { wide: number; tall: number; light: number };
	/** Light over the cut-off, a share of full. */
	above: number;
}

/** A good halogen low beam in right-hand traffic. */
export const PLAIN_BEAM: BeamPattern = {
	cutOff: -0.57,
	arm: 15,
	rises: 'right',
	edge: 0.25,
	tilt: 0,
	hotSpot: { under: 0.9, wide: 4, tall: 0.9, light: 0.62 },
	spread: { wide: 14, tall: 4.5, light: 0.22 },
	above: 0.02
};

const WIDTH_OF_W = 2 * Math.log(0.88 / 0.12);

/** Height of the cut-off at an angle to the right, before it is turned, degrees. */
function edgeAt({ cutOff, arm, rises }: BeamPattern, right: number): number {
	const along = rises === 'right' ? right : -right;
	return cutOff + Math.max(0, along) * Math.tan((arm * Math.PI) / 180);
}

/** Light a pattern throws at an angle, 0 to about 1. */
export function lightAt(pattern: BeamPattern, right: number, up: number): number {
	const turn = (pattern.tilt * Math.PI) / 180;
	// Clockwise as seen from the lamp: what was on the right comes down.
	const [x, y] = [right * Math.cos(turn) - up * Math.sin(turn), right * Math.sin(turn) + up * Math.cos(turn)];
	const { hotSpot, spread, edge, above } = pattern;
	const under = edgeAt(pattern, x) - y;
	const step = 1 / (1 + Math.exp((-under * WIDTH_OF_W) / edge));
	const hot = hotSpot.light * Math.exp(-((x / hotSpot.wide) ** 2) - ((under - hotSpot.under) / hotSpot.tall) ** 2);
	const carpet = spread.light * Math.exp(-((x / spread.wide) ** 2) - (Math.max(0, under) / spread.tall) ** 2);
	const glare = above * Math.exp(-((x / spread.wide) ** 2) - (Math.max(0, -under) / 12) ** 2);
	return (hot + carpet) * step + glare * (1 - step * 0.5);
}
