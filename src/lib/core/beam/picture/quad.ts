import { err, ok, type Result } from '../../result';
import { solveLinear } from './linear';
import { sample, type Luminance, type WorkPicture } from './luminance';

/** A place on a picture, as shares of its width and height from the top left. */
export interface PicturePoint {
	x: number;
	y: number;
}

/** Four marks on the wall that stand at the corners of a rectangle: top left, top right, bottom right, bottom left. */
export type Quad = readonly [PicturePoint, PicturePoint, PicturePoint, PicturePoint];

/** The whole picture: nobody marked anything. */
export const WHOLE_PICTURE: Quad = [
	{ x: 0, y: 0 },
	{ x: 1, y: 0 },
	{ x: 1, y: 1 },
	{ x: 0, y: 1 }
];

/** A projective map of the plane, row by row, its last entry 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number, 1];

/** The point a map sends a point to. */
export function mapped([a, b, c, d, e, f, g, h]: Homography, { x, y }: PicturePoint): PicturePoint {
	const w = g * x + h * y + 1;
	return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** The map that sends four points to four others; null when three of them stand on a line. */
export function homography(from: Quad, to: Quad): Homography | null {
	const rows = from.flatMap(({ x, y }, i) => {
		const { x: u, y: v } = to[i]!;
		return [
			[x, y, 1, 0, 0, 0, -u * x, -u * y, u],
			[0, 0, 0, x, y, 1, -v * x, -v * y, v]
		];
	});
	const found = solveLinear(rows);
	return found && ([...found, 1] as unknown as Homography);
}

const turn = (a: PicturePoint, b: PicturePoint, c: PicturePoint) =>
	(b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Four marks in order round a convex figure that is not a sliver. @returns one clause when they are not */
export function checkedQuad(quad: Quad): Result<Quad, string> {
	const bad = quad.find(({ x, y }) => !(x >= -0.5 && x <= 1.5 && y >= -0.5 && y <= 1.5));
	if (bad) return err('a mark lies far outside the picture');
	const turns = quad.map((p, i) => turn(p, quad[(i + 1) % 4]!, quad[(i + 2) % 4]!));
	if (turns.some((value) => value < 1e-4))
		return err('the marks must stand as top left, top right, bottom right, bottom left of a rectangle on the wall');
	return ok(quad);
}

/** Mean lengths of the sides of four marks, px. */
function sides(quad: Quad, { width, height }: Luminance): { across: number; down: number } {
	const length = (a: PicturePoint, b: PicturePoint) => Math.hypot((a.x - b.x) * width, (a.y - b.y) * height);
	const [tl, tr, br, bl] = quad;
	return { across: (length(tl, tr) + length(bl, br)) / 2, down: (length(tl, bl) + length(tr, br)) / 2 };
}

/** The rectangle on a picture that four marks are put right to: about their middle, as large as they are. */
function rightQuad(quad: Quad, picture: Luminance, aspect: number | null): Quad {
	const { across, down } = sides(quad, picture);
	const x = quad.reduce((sum, p) => sum + p.x, 0) / 4;
	const y = quad.reduce((sum, p) => sum + p.y, 0) / 4;
	const tall = aspect === null ? down : across / aspect;
	const [dx, dy] = [across / picture.width / 2, tall / picture.height / 2];
	return [
		{ x: x - dx, y: y - dy },
		{ x: x + dx, y: y - dy },
		{ x: x + dx, y: y + dy },
		{ x: x - dx, y: y + dy }
	];
}

/** A picture put right by its marks. */
export interface Rectified {
	picture: WorkPicture;
	/** Where the marks stand on it. */
	quad: Quad;
}

/**
 * A picture as if the camera had looked square at the wall.
 * @param quad marks on it
 * @param to where they are to stand, so that two pictures come to lie on each other; else where they are, put right
 * @param aspect width over height of the rectangle on the wall; null when nobody measured it
 */
export function rectified(
	picture: WorkPicture,
	quad: Quad,
	{ to, aspect }: { to?: Quad; aspect: number | null }
): Rectified {
	const target = to ?? rightQuad(quad, picture, aspect);
	const back = homography(target, quad);
	if (!back) return { picture, quad };
	const { width, height } = picture;
	const values = new Float32Array(width * height);
	const at = { x: 0, y: 0 };
	for (let row = 0; row < height; row++)
		for (let col = 0; col < width; col++) {
			at.x = (col + 0.5) / width;
			at.y = (row + 0.5) / height;
			const { x, y } = mapped(back, at);
			values[row * width + col] = sample(picture, x * width - 0.5, y * height - 0.5);
		}
	return { picture: { ...picture, values }, quad: target };
}
