import type { EdgePoint } from './edge';

/** A straight line, y = at + slope x (x - about), px, y downwards. */
export interface Line {
	about: number;
	at: number;
	slope: number;
	/** How well its angle is known, for weighing: the spread of its points along it. */
	weight: number;
}

/** A cut-off: one straight line, or two that meet, or two at different heights. */
export interface CutOff {
	shape: 'flat' | 'arm' | 'step';
	/** The part by which a lamp is aimed. */
	flat: Line;
	/** The rising or raised part; null for a flat one. */
	other: Line | null;
	/** Where the two meet, px; null for a flat one. */
	kink: number | null;
	/** Which part is on the left of the picture. */
	flatIsLeft: boolean;
	/** Range of x in which a cut-off was seen, px. */
	from: number;
	to: number;
	/** Median width of the edge from 12 to 88 %, px. */
	width: number;
	/** Share of the strips that lie on it. */
	support: number;
}

export const heightAt = ({ about, at, slope }: Line, x: number): number => at + slope * (x - about);
/** Angle of a line, degrees, clockwise positive as the camera sees it. */
export const angleOf = ({ slope }: Line): number => (Math.atan(slope) * 180) / Math.PI;

/** Height of the whole cut-off at a place, px from the top. */
export function cutOffAt({ flat, other, kink, flatIsLeft }: CutOff, x: number): number {
	const isFlat = other === null || kink === null || x < kink === flatIsLeft;
	return heightAt(isFlat ? flat : other, x);
}

/** Points lie on a line within this share of the picture's height. */
const TOLERANCE = 0.008;
/** The flat part of a cut-off of a lamp that is in leans no more than this, degrees; an arm rises about 15. */
const MOST_LEAN = 12;
const MOST_ARM = 28;
/** A part of a cut-off has at least this share of the points; two parts at least this angle or this step between them. */
const LEAST_PART = 0.12;
const LEAST_BEND = 5;
const LEAST_STEP = 0.012;
/** Below this share of strips on it there is no cut-off to speak of. */
const LEAST_SUPPORT = 0.3;

/** Weighted least squares through points. */
function fitLine(points: readonly EdgePoint[]): Line | null {
	const sum = points.reduce((total, { weight }) => total + weight, 0);
	if (points.length < 2 || sum === 0) return null;
	const mean = (of: (p: EdgePoint) => number) => points.reduce((total, p) => total + p.weight * of(p), 0) / sum;
	const about = mean(({ x }) => x);
	const at = mean(({ y }) => y);
	const spread = mean(({ x }) => (x - about) ** 2);
	if (spread === 0) return null;
	const slope = mean(({ x, y }) => (x - about) * (y - at)) / spread;
	return { about, at, slope, weight: spread * sum };
}

const near = (line: Line, { x, y }: EdgePoint, tolerance: number) => Math.abs(heightAt(line, x) - y) <= tolerance;

/** The line most of the points lie on, tried through every pair that stands well apart; fitted twice to those on it. */
function dominant(
	points: readonly EdgePoint[],
	{ span, tolerance, mostAngle }: { span: number; tolerance: number; mostAngle: number }
): { line: Line; on: EdgePoint[] } | null {
	let best: { line: Line; score: number } | null = null;
	for (let i = 0; i < points.length; i++)
		for (let j = i + 1; j < points.length; j++) {
			const [a, b] = [points[i]!, points[j]!];
			if (b.x - a.x < span * 0.1) continue;
			const slope = (b.y - a.y) / (b.x - a.x);
			if (Math.abs((Math.atan(slope) * 180) / Math.PI) > mostAngle) continue;
			const line = { about: a.x, at: a.y, slope, weight: 0 };
			let score = 0;
			for (const p of points) {
				const off = Math.abs(heightAt(line, p.x) - p.y) / tolerance;
				if (off < 1) score += p.weight * (1 - off * off);
			}
			if (!best || score > best.score) best = { line, score };
		}
	if (!best) return null;
	let { line } = best;
	for (let round = 0; round < 3; round++) {
		const found = fitLine(points.filter((p) => near(line, p, tolerance * (round < 2 ? 1.5 : 1.2))));
		if (!found) break;
		line = found;
	}
	return { line, on: points.filter((p) => near(line, p, tolerance * 1.5)) };
}

const median = (values: readonly number[]) => {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)] ?? 0;
};

type Part = NonNullable<ReturnType<typeof dominant>>;

/** Two parts meet where their lines cross, or between them where they run alike. */
function meeting(first: Part, second: Part): { kink: number; shape: 'arm' | 'step' } {
	const bend = Math.abs(angleOf(first.line) - angleOf(second.line));
	const between = (Math.max(...leftOf(first, second)) + Math.min(...rightOf(first, second))) / 2;
	if (bend < LEAST_BEND) return { kink: between, shape: 'step' };
	const { line: a } = first;
	const { line: b } = second;
	const kink = (heightAt(b, 0) - heightAt(a, 0)) / (a.slope - b.slope);
	return { kink, shape: 'arm' };
}

const middleOf = ({ on }: Part) => median(on.map(({ x }) => x));
const leftOf = (a: Part, b: Part) => (middleOf(a) < middleOf(b) ? a : b).on.map(({ x }) => x);
const rightOf = (a: Part, b: Part) => (middleOf(a) < middleOf(b) ? b : a).on.map(({ x }) => x);

/** Fits both parts again to the points on their own side of where they meet. */
function refitted(points: readonly EdgePoint[], parts: [Part, Part], tolerance: number): [Part, Part] {
	const { kink } = meeting(...parts);
	const firstIsLeft = middleOf(parts[0]) < middleOf(parts[1]);
	return parts.map((part, i) => {
		const own = points.filter((p) => p.x < kink === (firstIsLeft === (i === 0)) && near(part.line, p, tolerance * 1.5));
		return { line: fitLine(own) ?? part.line, on: own.length > 1 ? own : part.on };
	}) as [Part, Part];
}

/** True when two lines are parts of one cut-off: a bend or a step, each on its own side. */
function belong(first: Part, second: Part, { count, height }: { count: number; height: number }): boolean {
	if (second.on.length < count * LEAST_PART) return false;
	const bend = Math.abs(angleOf(first.line) - angleOf(second.line));
	const { kink, shape } = meeting(first, second);
	const step = Math.abs(heightAt(first.line, kink) - heightAt(second.line, kink));
	if (shape === 'step' && step < height * LEAST_STEP) return false;
	if (shape === 'arm' && bend > MOST_ARM) return false;
	const left = middleOf(first) < middleOf(second) ? first : second;
	const right = left === first ? second : first;
	const wrong = left.on.filter(({ x }) => x > kink).length + right.on.filter(({ x }) => x < kink).length;
	return wrong <= 0.2 * (left.on.length + right.on.length);
}

/**
 * The cut-off among the edges of the strips: the straight line most of them lie on, and a second part that bends up from it or stands over it.
 * @returns null when no line holds enough of them: the beam has no cut-off, or it is lost
 */
export function findCutOff(
	points: readonly EdgePoint[],
	{ width, height, strips }: { width: number; height: number; strips: number }
): CutOff | null {
	const blur = median(points.map((p) => p.width));
	const tolerance = Math.max(2, height * TOLERANCE, blur * 0.15);
	const asked = { span: width, tolerance };
	const first = dominant(points, { ...asked, mostAngle: MOST_ARM });
	if (!first || first.on.length < 4) return null;
	const rest = points.filter((p) => !near(first.line, p, tolerance * 1.5));
	const second = dominant(rest, { ...asked, mostAngle: MOST_ARM });
	const pair =
		second && belong(first, second, { count: points.length, height })
			? refitted(points, refitted(points, [first, second], tolerance), tolerance)
			: null;
	const on = pair ? [...pair[0].on, ...pair[1].on] : first.on;
	const support = on.length / strips;
	const xs = on.map(({ x }) => x);
	const common = {
		from: Math.min(...xs),
		to: Math.max(...xs),
		width: median(on.map((p) => p.width)),
		support
	};
	if (support < LEAST_SUPPORT) return null;
	if (!pair) {
		const isLevel = Math.abs(angleOf(first.line)) <= MOST_LEAN;
		return isLevel ? { shape: 'flat', flat: first.line, other: null, kink: null, flatIsLeft: true, ...common } : null;
	}
	const { kink, shape } = meeting(...pair);
	const left = middleOf(pair[0]) < middleOf(pair[1]) ? pair[0] : pair[1];
	const right = left === pair[0] ? pair[1] : pair[0];
	const flatIsLeft =
		shape === 'step'
			? heightAt(left.line, kink) > heightAt(right.line, kink)
			: Math.abs(left.line.slope) <= Math.abs(right.line.slope);
	const [flat, other] = flatIsLeft ? [left.line, right.line] : [right.line, left.line];
	return { shape, flat, other, kink, flatIsLeft, ...common };
}
