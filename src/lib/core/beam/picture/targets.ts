import { boxMean, sample, type Luminance } from './luminance';
import { checkedQuad, type PicturePoint, type Quad } from './quad';

/** Points round a ring that are looked at. */
const RING = 16;
const COS = Array.from({ length: RING }, (_, i) => Math.cos((2 * Math.PI * i) / RING));
const SIN = Array.from({ length: RING }, (_, i) => Math.sin((2 * Math.PI * i) / RING));
/** Radii of rings, px of a picture `SEARCH_SIDE` wide. */
const RADII = [4.5, 6.5, 9, 13];
/** Four targets are printed alike: none is seen so many times as large as another. */
const MOST_LARGER = 2.1;
const SEARCH_SIDE = 640;
/** A target is black and white by quarters: its second harmonic is most of what there is, and strong: white is twice black at least (logarithm of light). */
const LEAST_SCORE = 0.5;
/** Light under which nothing is told apart. */
const DARK = 0.004;
/** So many times the noise is dark as well. */
const OVER_NOISE = 4;
const MOST_FOUND = 12;

/** A picture by the logarithm of its light: black and white differ alike wherever the beam falls. */
function inLogs(picture: Luminance): Luminance {
	const { width, height, values } = boxMean(picture, 3);
	const steps: number[] = [];
	for (let i = 1; i < values.length; i += 97) steps.push(Math.abs((values[i] ?? 0) - (values[i - 1] ?? 0)));
	steps.sort((a, b) => a - b);
	const dark = DARK + OVER_NOISE * (steps[Math.floor(steps.length / 2)] ?? 0);
	return { width, height, values: values.map((value) => Math.log(value + dark)) };
}

/** A ring on a picture, px. */
interface Ring extends PicturePoint {
	radius: number;
}

/** How much a ring looks like quarters of black and white: light and dark twice round, and nothing else. 0 for anything else. */
function quarters(picture: Luminance, { x, y, radius }: Ring): number {
	let [mean, square, c1, s1, c2, s2] = [0, 0, 0, 0, 0, 0];
	for (let i = 0; i < RING; i++) {
		const value = sample(picture, x + radius * COS[i]!, y + radius * SIN[i]!);
		mean += value;
		square += value * value;
		c1 += value * COS[i]!;
		s1 += value * SIN[i]!;
		c2 += value * COS[(2 * i) % RING]!;
		s2 += value * SIN[(2 * i) % RING]!;
	}
	mean /= RING;
	const variance = square / RING - mean * mean;
	const second = ((c2 * c2 + s2 * s2) * 2) / (RING * RING);
	const first = ((c1 * c1 + s1 * s1) * 2) / (RING * RING);
	return second < 0.55 * variance || first > 0.35 * second ? 0 : Math.sqrt(2 * second);
}

/** A ring and a smaller one inside it, both of quarters. */
const targetScore = (picture: Luminance, ring: Ring) =>
	Math.min(quarters(picture, ring), quarters(picture, { ...ring, radius: ring.radius * 0.6 }));

interface Found extends Ring {
	score: number;
}

function searched(picture: Luminance): Found[] {
	const found: Found[] = [];
	for (let y = 6; y < picture.height - 6; y += 2)
		for (let x = 6; x < picture.width - 6; x += 2) {
			if (quarters(picture, { x, y, radius: RADII[0]! }) < LEAST_SCORE * 0.6) continue;
			for (const radius of RADII) {
				const score = targetScore(picture, { x, y, radius });
				if (score >= LEAST_SCORE) found.push({ x, y, score: score * Math.sqrt(radius), radius });
			}
		}
	found.sort((a, b) => b.score - a.score);
	const kept: Found[] = [];
	for (const one of found) {
		if (kept.length >= MOST_FOUND) break;
		if (kept.every((other) => Math.hypot(other.x - one.x, other.y - one.y) > 2 * Math.max(one.radius, other.radius)))
			kept.push(one);
	}
	return kept;
}

/** One step towards the middle of a target: the middle of where it scores best about a place. */
function towardsMiddle(picture: Luminance, { x, y }: PicturePoint, radius: number): PicturePoint {
	let [sum, sumX, sumY] = [0, 0, 0];
	for (let dy = -3; dy <= 3; dy += 0.5)
		for (let dx = -3; dx <= 3; dx += 0.5) {
			const score = targetScore(picture, { x: x + dx, y: y + dy, radius }) ** 3;
			sum += score;
			sumX += score * dx;
			sumY += score * dy;
		}
	return sum > 0 ? { x: x + sumX / sum, y: y + sumY / sum } : { x, y };
}

const STEPS = 4;

/** The middle of a target, to a fraction of a pixel. */
function refined(picture: Luminance, { radius, ...start }: Found): PicturePoint {
	let at: PicturePoint = start;
	for (let step = 0; step < STEPS; step++) at = towardsMiddle(picture, at, radius);
	return at;
}

/** Four points as top left, top right, bottom right, bottom left. */
function ordered(points: readonly PicturePoint[]): Quad {
	const down = [...points].sort((a, b) => a.y - b.y);
	const [tl, tr] = down.slice(0, 2).sort((a, b) => a.x - b.x);
	const [bl, br] = down.slice(2).sort((a, b) => a.x - b.x);
	return [tl!, tr!, br!, bl!];
}

const side = (a: PicturePoint, b: PicturePoint) => Math.hypot(a.x - b.x, a.y - b.y);

/** True when four points may be the corners of a rectangle seen from somewhere before the wall. */
function looksRight(quad: Quad): boolean {
	const [tl, tr, br, bl] = quad;
	const alike = (a: number, b: number) => Math.max(a, b) <= 1.6 * Math.min(a, b);
	return (
		checkedQuad(quad).ok &&
		alike(side(tl, tr), side(bl, br)) &&
		alike(side(tl, bl), side(tr, br)) &&
		side(tl, tr) > 0.1 &&
		side(tl, bl) > 0.05
	);
}

function fours<T>(items: readonly T[]): T[][] {
	const out: T[][] = [];
	for (let a = 0; a < items.length; a++)
		for (let b = a + 1; b < items.length; b++)
			for (let c = b + 1; c < items.length; c++)
				for (let d = c + 1; d < items.length; d++) out.push([items[a]!, items[b]!, items[c]!, items[d]!]);
	return out;
}

/** A picture made smaller by the mean of squares of pixels. */
function smaller(picture: Luminance, times: number): Luminance {
	if (times <= 1) return picture;
	const smooth = boxMean(picture, times | 1);
	const [width, height] = [Math.floor(picture.width / times), Math.floor(picture.height / times)];
	const values = new Float32Array(width * height);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) values[y * width + x] = smooth.values[y * times * picture.width + x * times] ?? 0;
	return { width, height, values };
}

/**
 * Four printed targets on a wall (discs of black and white quarters) at the corners of a rectangle, found by themselves.
 * @returns their middles, or null when four that may be a rectangle were not found
 */
export function findTargets(picture: Luminance): Quad | null {
	const times = Math.max(1, Math.round(Math.max(picture.width, picture.height) / SEARCH_SIDE));
	const search = inLogs(smaller(picture, times));
	const fine = inLogs(picture);
	const found = searched(search).map((one) => ({
		score: one.score,
		radius: one.radius,
		at: refined(fine, { ...one, x: one.x * times, y: one.y * times, radius: one.radius * times })
	}));
	const best = fours(found)
		.filter((four) => {
			const radii = four.map(({ radius }) => radius);
			return Math.max(...radii) <= MOST_LARGER * Math.min(...radii);
		})
		.map((four) => ({
			score: four.reduce((sum, { score }) => sum + score, 0),
			quad: ordered(four.map(({ at }) => ({ x: (at.x + 0.5) / picture.width, y: (at.y + 0.5) / picture.height })))
		}))
		.filter(({ quad }) => looksRight(quad))
		.sort((a, b) => b.score - a.score)[0];
	return best?.quad ?? null;
}
