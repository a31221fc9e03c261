import type { BeamReading } from './beam-picture';
import type { Quad } from './quad';

/** The rectangle of the marks on the wall: how tall it is, and how high its upper marks are over the floor, mm. */
export interface MarkedWall {
	height: number;
	upper: number;
}

/**
 * Height of a cut-off over the floor, mm, read off a picture whose marks stand on a wall that was measured; null without a cut-off.
 * @param quad where the marks stand on the picture put right
 */
export function cutOffHeight({ cutoff }: BeamReading, quad: Quad, { height, upper }: MarkedWall): number | null {
	const [topLeft, topRight, bottomRight, bottomLeft] = quad;
	const top = (topLeft.y + topRight.y) / 2;
	const bottom = (bottomLeft.y + bottomRight.y) / 2;
	if (!cutoff || bottom <= top) return null;
	return upper - ((cutoff.height - top) / (bottom - top)) * height;
}
