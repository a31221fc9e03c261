import { solveLinear } from './linear';
import type { Luminance } from './luminance';

/** Where the cut-off crosses one strip of a picture. */
export interface EdgePoint {
	/** Middle of the strip, px. */
	x: number;
	/** Where the light is half way up, px from the top. */
	y: number;
	/** From 12 to 88 % of the step, px. */
	width: number;
	/** Contrast of the step, 0 to 1: how much it counts. */
	weight: number;
}

/** Strips a picture is cut into. */
const STRIPS = 120;
/** A step of less contrast than this is no cut-off, (below - above) / (below + above). */
const LEAST_CONTRAST = 0.15;
/** The edge is looked for inside these shares of the height. */
const TOP = 0.03;
const BOTTOM = 0.97;

/** Mean of the columns of a strip, smoothed along it. */
function profile({ width, height, values }: Luminance, from: number, to: number): Float64Array {
	const line = new Float64Array(height);
	for (let y = 0; y < height; y++) {
		let sum = 0;
		for (let x = from; x < to; x++) sum += values[y * width + x] ?? 0;
		line[y] = sum / (to - from);
	}
	return line;
}

const meanOf = (line: Float64Array, from: number, to: number) => {
	let sum = 0;
	const [a, b] = [Math.max(0, from), Math.min(line.length, to)];
	for (let i = a; i < b; i++) sum += line[i] ?? 0;
	return b > a ? sum / (b - a) : 0;
};

/** A step found by windows of a reach: its row, and how much more light is under it than over it. */
interface Step {
	y: number;
	contrast: number;
	reach: number;
}

/** Windows a step is looked for with, shares of the height: a sharp edge is found by a narrow one, a soft one by a wide one. */
const REACHES = [0.011, 0.022, 0.045, 0.08];
/** The narrowest window that shows so much of the whole step has found the edge, not the slope of the hot spot under it. */
const NARROW_SHOWS = 0.62;
/** Light that counts as dark, a share of the brightest of the strip: under it steps are noise. */
const DARK = 0.03;

/** @param sums running sums of the light of a strip, one more than it has rows */
function stepWithin(sums: Float64Array, reach: number, floor: number): Step & { score: number } {
	const h = sums.length - 1;
	const mean = (from: number, to: number) => ((sums[to] ?? 0) - (sums[from] ?? 0)) / (to - from);
	let best = { y: 0, contrast: 0, reach, score: 0 };
	for (let y = Math.max(reach, Math.round(h * TOP)); y < Math.min(h - reach, h * BOTTOM); y++) {
		const above = mean(y - reach, y);
		const below = mean(y, y + reach);
		const contrast = (below - above) / (below + above + floor);
		// Mostly the relative step; of two alike the one with more light to it.
		const score = contrast * Math.max(1e-6, below - above) ** 0.2;
		if (score > best.score) best = { y, contrast, reach, score };
	}
	return best;
}

/** The row where the light steps up most, relative to what is about it; null where nothing does. */
function steepest(line: Float64Array, peak: number): Step | null {
	const sums = new Float64Array(line.length + 1);
	for (let i = 0; i < line.length; i++) sums[i + 1] = (sums[i] ?? 0) + (line[i] ?? 0);
	const steps = REACHES.map((share) => stepWithin(sums, Math.max(3, Math.round(line.length * share)), peak * DARK));
	const most = Math.max(...steps.map(({ contrast }) => contrast));
	return most < LEAST_CONTRAST ? null : (steps.find(({ contrast }) => contrast >= NARROW_SHOWS * most) ?? null);
}

/** What the light of a strip is about its edge: `a + exp(b + c t) / (1 + exp(-t / w))`, with t = y - p. */
type Model = [a: number, b: number, c: number, p: number, logW: number];

function modelAt([a, b, c, p, logW]: Model, y: number): { value: number; slopes: Model } {
	const t = y - p;
	const w = Math.exp(logW);
	const step = 1 / (1 + Math.exp(-t / w));
	const lit = Math.exp(b + c * t);
	const dStep = step * (1 - step);
	return {
		value: a + lit * step,
		slopes: [1, lit * step, lit * step * t, -lit * (c * step + dStep / w), -lit * dStep * (t / w)]
	};
}

const ROUNDS = 25;

/** Least squares of the model by Levenberg and Marquardt; the start when it does not get better. */
function fitted(line: Float64Array, start: Model, { from, to }: { from: number; to: number }): Model {
	const errorOf = (model: Model) => {
		let sum = 0;
		for (let y = from; y < to; y++) sum += (modelAt(model, y).value - (line[y] ?? 0)) ** 2;
		return sum;
	};
	let model = start;
	let error = errorOf(model);
	let damping = 1e-3;
	for (let round = 0; round < ROUNDS && damping < 1e8; round++) {
		const normal = Array.from({ length: 5 }, () => new Array<number>(6).fill(0));
		for (let y = from; y < to; y++) {
			const { value, slopes } = modelAt(model, y);
			const rest = (line[y] ?? 0) - value;
			for (let i = 0; i < 5; i++) {
				for (let j = 0; j < 5; j++) normal[i]![j]! += slopes[i]! * slopes[j]!;
				normal[i]![5]! += slopes[i]! * rest;
			}
		}
		for (let i = 0; i < 5; i++) normal[i]![i]! *= 1 + damping;
		const step = solveLinear(normal);
		if (!step) break;
		const next = model.map((value, i) => value + step[i]!) as Model;
		const nextError = errorOf(next);
		if (Number.isFinite(nextError) && nextError < error && next[4] < 5) {
			const gain = (error - nextError) / error;
			[model, error, damping] = [next, nextError, damping / 5];
			if (gain < 1e-6) break;
		} else damping *= 6;
	}
	return model;
}

/** ln(0.88 / 0.12) on both sides of a logistic step: 12 to 88 % in units of w. */
const WIDTH_OF_W = 2 * Math.log(0.88 / 0.12);

/** The model fitted about a step; once more through a wider window where the edge turns out to be wider than that. */
function fittedEdge(line: Float64Array, { y, reach }: Step): { place: number; w: number } {
	let window = Math.round(reach * 2.5);
	let start: Model | null = null;
	for (let round = 0; ; round++) {
		const [from, to] = [Math.max(0, y - window), Math.min(line.length, y + window)];
		const above = meanOf(line, from, Math.max(from + 1, y - reach));
		const below = Math.max(1e-6, meanOf(line, y, y + reach) - above);
		start ??= [above, Math.log(below), 0, y - 0.5, Math.log(Math.max(0.8, reach / 4))];
		const model = fitted(line, start, { from, to });
		const [place, w] = [model[3], Math.exp(model[4])];
		const isSane = place > from && place < to && w < window;
		if (!isSane) return { place: y - 0.5, w: Math.max(0.8, reach / 4) };
		if (round === 2 || w * WIDTH_OF_W < window) return { place, w };
		window = Math.round(window * 1.8);
		start = model;
	}
}

function edgeIn(line: Float64Array, x: number, peak: number): EdgePoint | null {
	const found = steepest(line, peak);
	if (!found) return null;
	const { place, w } = fittedEdge(line, found);
	return { x, y: place + 0.5, width: WIDTH_OF_W * w, weight: found.contrast };
}

/** Where the cut-off crosses each strip of a picture, as far as one does: the steepest step up of light, fitted by a step on a slope. */
export function edgePoints(picture: Luminance): EdgePoint[] {
	const wide = Math.max(2, Math.floor(picture.width / STRIPS));
	const strips = Array.from({ length: Math.floor(picture.width / wide) }, (_, i) => ({
		x: (i + 0.5) * wide,
		line: profile(picture, i * wide, (i + 1) * wide)
	}));
	const brightest = Math.max(...strips.map(({ line }) => line.reduce((most, value) => Math.max(most, value), 0)));
	return strips.flatMap(({ x, line }) => {
		const peak = line.reduce((most, value) => Math.max(most, value), 0);
		// The far wings carry next to no light.
		return peak < brightest * 0.01 ? [] : (edgeIn(line, x, peak) ?? []);
	});
}
