import { decimal } from '../../quantity';
import { bandMean, bandsFor, readBeam, type BeamReading, type ReadPicture } from './beam-picture';
import { angleOf, heightAt, type CutOff, type Line } from './cutoff';
import { boxMean, type WorkPicture } from './luminance';
import { rectified, WHOLE_PICTURE, type Quad } from './quad';

/** How a camera was set, as the picture says of itself. */
export interface Exposure {
	/** s */
	seconds: number;
	fNumber: number;
	iso: number;
}

/** A picture to be compared. */
export interface BeamShot {
	picture: WorkPicture;
	/** Marks on the wall; null when nobody marked any. */
	quad: Quad | null;
	/** Null when the picture does not say. */
	exposure: Exposure | null;
}

/** What speaks against holding two pictures against each other, or has to be known of it. */
export type CompareIssue =
	| { code: 'size'; before: string; after: string }
	| { code: 'exposure'; times: number }
	| { code: 'exposure-looks'; times: number }
	| { code: 'exposure-unknown' }
	| { code: 'clipped'; which: 'before' | 'after' | 'both'; share: number }
	| { code: 'dark'; which: 'before' | 'after' | 'both' }
	| { code: 'marks-on-one' }
	| { code: 'camera-moved'; pixels: number }
	| { code: 'no-cut-off'; which: 'before' | 'after' | 'both' };

/** Issues under which the comparison still holds: they are said all the same. */
const HOLDS_WITH: ReadonlySet<CompareIssue['code']> = new Set(['exposure-unknown', 'camera-moved', 'no-cut-off']);

/** What changed from one picture to the other. */
export interface BeamChange {
	/** The cut-off turned by so much, degrees, clockwise positive as the camera sees it; null without two cut-offs. */
	tilt: number | null;
	/** It stands so much higher, px of the camera's picture; null without two cut-offs. */
	rise: number | null;
	/** Light above the cut-off, after over before; null without two cut-offs. */
	aboveRatio: number | null;
	/** Light under it. */
	belowRatio: number | null;
	/** Width of the edge, after over before. */
	blur: number | null;
	/** How far the hot spot lies under the cut-off, after over before. */
	hotSpotDrop: number | null;
}

/** Two pictures held against each other. */
export interface BeamComparison {
	/** Where the marks stand on both pictures once they are put right; null without marks. */
	quad: Quad | null;
	before: ReadPicture;
	after: ReadPicture;
	change: BeamChange;
	/** False when the numbers of the change say nothing. */
	comparable: boolean;
	issues: CompareIssue[];
}

/** Share of a picture that may be at the camera's end, and exposures that count as the same. */
const CLIPPED_MOST = 0.002;
const SAME_EXPOSURE = 1.06;
/** Pictures without a word on exposure that differ by one factor everywhere, dark wall included, were exposed differently. */
const LOOKS_DIFFERENT = 1.12;
const LOOKS_EVEN = 0.06;
const CELL = 16;
/** Pictures whose brightest part is under this share of what the camera takes show nothing but noise. */
const DARK = 0.02;

const lightTaken = ({ seconds, fNumber, iso }: Exposure) => (seconds * iso) / (fNumber * fNumber);

/** Brightness of cells of a picture at some ranks, the darkest first. */
function ranks(picture: WorkPicture): number[] {
	const smooth = boxMean(picture, CELL | 1);
	const cells: number[] = [];
	for (let y = CELL; y < picture.height - CELL; y += CELL)
		for (let x = CELL; x < picture.width - CELL; x += CELL) cells.push(smooth.values[y * picture.width + x] ?? 0);
	cells.sort((a, b) => a - b);
	return [0.1, 0.25, 0.5, 0.75, 0.9, 0.98].map((rank) => cells[Math.floor(rank * (cells.length - 1))] ?? 0);
}

/** One factor by which every rank of two pictures differs; null when they differ in shape. */
function evenFactor(before: WorkPicture, after: WorkPicture): number | null {
	const [from, to] = [ranks(before), ranks(after)];
	const factors = from.flatMap((value, i) =>
		value > 1e-4 && (to[i] ?? 0) > 1e-4 ? Math.log((to[i] ?? 0) / value) : []
	);
	if (factors.length < 4) return null;
	const mean = factors.reduce((sum, value) => sum + value, 0) / factors.length;
	return factors.every((value) => Math.abs(value - mean) <= LOOKS_EVEN + 0.1 * Math.abs(mean)) ? Math.exp(mean) : null;
}

const which = (before: boolean, after: boolean) => (before && after ? 'both' : before ? 'before' : 'after');

function exposureIssues(before: BeamShot, after: BeamShot): CompareIssue[] {
	if (before.exposure && after.exposure) {
		const times = lightTaken(after.exposure) / lightTaken(before.exposure);
		return Math.max(times, 1 / times) > SAME_EXPOSURE ? [{ code: 'exposure', times }] : [];
	}
	const times = evenFactor(before.picture, after.picture);
	if (times !== null && Math.max(times, 1 / times) > LOOKS_DIFFERENT) return [{ code: 'exposure-looks', times }];
	return [{ code: 'exposure-unknown' }];
}

function moved(before: Quad, after: Quad, { width, height, scale }: WorkPicture): number {
	const off = before.map((p, i) =>
		Math.hypot((p.x - after[i]!.x) * width * scale.x, (p.y - after[i]!.y) * height * scale.y)
	);
	return Math.max(...off);
}

/** Tilt between two cut-offs: by both parts where both have two, each as much as it is known. */
function tiltOf(before: CutOff, after: CutOff): number {
	const pairs: [Line, Line][] = [[before.flat, after.flat]];
	if (before.other && after.other && before.shape === after.shape && before.flatIsLeft === after.flatIsLeft)
		pairs.push([before.other, after.other]);
	const weighed = pairs.map(([from, to]) => ({
		turn: angleOf(to) - angleOf(from),
		weight: 1 / (1 / (from.weight || 1e-9) + 1 / (to.weight || 1e-9))
	}));
	const sum = weighed.reduce((total, { weight }) => total + weight, 0);
	return weighed.reduce((total, { turn, weight }) => total + turn * weight, 0) / sum;
}

/** Where height is compared: at the kink both have, else in the middle of the picture. */
function comparedAt(before: CutOff, after: CutOff, width: number): { from: number; to: number } {
	const inside = (kink: number | null): kink is number => kink !== null && kink > 0.1 * width && kink < 0.9 * width;
	const both = inside(before.kink) && inside(after.kink) && Math.abs(before.kink - after.kink) < 0.06 * width;
	if (!both || before.kink === null || after.kink === null) return { from: width / 2, to: width / 2 };
	const middle = (before.kink + after.kink) / 2;
	return { from: middle, to: middle };
}

/** A step blurred by a Gauss curve has from 12 to 88 % this many of its sigmas. */
const WIDTH_OF_SIGMA = 2.35;
/** Edges whose widths differ less than this are held against each other as they are. */
const AS_SHARP = 1.2;

/** A picture as if its edge were as wide as another's: three running means are near enough to a Gauss curve. */
function softened({ picture }: ReadPicture, { from, to }: { from: number; to: number }): WorkPicture {
	const sigma = Math.sqrt(to * to - from * from) / WIDTH_OF_SIGMA;
	const side = Math.round(Math.sqrt(4 * sigma * sigma + 1)) | 1;
	const once = boxMean(picture, side);
	return { ...picture, ...boxMean(boxMean(once, side), side) };
}

/**
 * Cut-offs that may be held against each other. Where one is softer, the slope of the hot spot under it moves its steepest step: the sharper one is
 * read again as soft as the other, so that both are moved alike.
 */
function alikeCutOffs(before: ReadPicture, after: ReadPicture): { before: CutOff; after: CutOff } | null {
	if (!before.cutOff || !after.cutOff) return null;
	const [from, to] = [before.cutOff.width, after.cutOff.width];
	const own = { before: before.cutOff, after: after.cutOff };
	if (Math.max(from, to) < AS_SHARP * Math.min(from, to)) return own;
	const soft = from < to ? softened(before, { from, to }) : softened(after, { from: to, to: from });
	const again = readBeam(soft).cutOff;
	if (!again) return own;
	return from < to ? { before: again, after: own.after } : { before: own.before, after: again };
}

/** The darkest places over two beams count as alike within this; and light must stand out of the room's by this share to be told from it. */
const ROOM_ALIKE = 0.12;
const LEAST_OVER_ROOM = 0.15;
/** Where the room is looked for: the uppermost part of the picture, far over the cut-off. */
const ROOM_PART = 0.2;

/** Light of the darkest place far over a beam. */
function darkestOver({ width, height, values }: WorkPicture): number {
	const rows = Math.max(CELL, Math.floor(height * ROOM_PART));
	const smooth = boxMean({ width, height: rows, values: values.subarray(0, rows * width) }, CELL | 1);
	let darkest = Infinity;
	for (let y = CELL >> 1; y < rows; y += CELL)
		for (let x = CELL >> 1; x < width; x += CELL) darkest = Math.min(darkest, smooth.values[y * width + x] ?? Infinity);
	return Number.isFinite(darkest) ? darkest : 0;
}

/** Light of the room on two pictures: what the darkest places far over the beam have in common; 0 where they differ, since the lamp reaches there. */
function roomLight(before: WorkPicture, after: WorkPicture): number {
	const [first, second] = [darkestOver(before), darkestOver(after)];
	return Math.abs(first - second) <= ROOM_ALIKE * Math.max(first, second) ? Math.min(first, second) : 0;
}

function changeOf(before: ReadPicture, after: ReadPicture): BeamChange {
	const none: BeamChange = {
		tilt: null,
		rise: null,
		aboveRatio: null,
		belowRatio: null,
		blur: null,
		hotSpotDrop: null
	};
	const alike = alikeCutOffs(before, after);
	if (!before.cutOff || !after.cutOff || !alike) return none;
	const { width, height, scale } = before.picture;
	const at = comparedAt(alike.before, alike.after, width);
	const bands = bandsFor([before, after]);
	const room = roomLight(before.picture, after.picture);
	const ratio = (from: number, to: number): number | null => {
		const first = bandMean(before, from, to);
		const second = bandMean(after, from, to);
		if (first === null || second === null || first <= 0) return null;
		return first - room >= first * LEAST_OVER_ROOM ? Math.max(0, second - room) / (first - room) : second / first;
	};
	const under = ({ cutOff, reading }: ReadPicture) =>
		cutOff ? reading.hotSpot.y * height - heightAt(cutOff.flat, reading.hotSpot.x * width) : 0;
	const drop = under(before);
	return {
		tilt: tiltOf(alike.before, alike.after),
		rise: (heightAt(alike.before.flat, at.from) - heightAt(alike.after.flat, at.to)) * scale.y,
		aboveRatio: bands && ratio(bands.from, bands.to),
		belowRatio: bands && ratio(-bands.to, -bands.from),
		blur: before.cutOff.width > 0 ? after.cutOff.width / before.cutOff.width : null,
		hotSpotDrop: drop > height * 0.005 ? under(after) / drop : null
	};
}

/**
 * Holds the picture of a beam after a change against the one before: both put right by their marks, read, and compared as far as that holds.
 * @param aspect width over height of the rectangle of the marks on the wall; null when nobody measured it
 */
export function compareBeams(before: BeamShot, after: BeamShot, aspect: number | null = null): BeamComparison {
	const issues: CompareIssue[] = exposureIssues(before, after);
	const size = ({ picture: { width, height, scale } }: BeamShot) => `${width * scale.x} x ${height * scale.y}`;
	const sameSize = before.picture.width === after.picture.width && before.picture.height === after.picture.height;
	const oneMarked = (before.quad === null) !== (after.quad === null);
	if (!sameSize && (before.quad === null || after.quad === null))
		issues.push({ code: 'size', before: size(before), after: size(after) });
	if (oneMarked) issues.push({ code: 'marks-on-one' });
	const clipped = { before: before.picture.clipped > CLIPPED_MOST, after: after.picture.clipped > CLIPPED_MOST };
	if (clipped.before || clipped.after)
		issues.push({
			code: 'clipped',
			which: which(clipped.before, clipped.after),
			share: Math.max(before.picture.clipped, after.picture.clipped)
		});
	const pair = before.quad && after.quad ? { before: before.quad, after: after.quad } : null;
	if (pair) {
		const pixels = moved(pair.before, pair.after, before.picture);
		if (pixels > 0.005 * before.picture.width * before.picture.scale.x) issues.push({ code: 'camera-moved', pixels });
	}
	const first = pair
		? rectified(before.picture, pair.before, { aspect })
		: { picture: before.picture, quad: WHOLE_PICTURE };
	const second = pair ? rectified(after.picture, pair.after, { to: first.quad, aspect }) : { picture: after.picture };
	const reads = { before: readBeam(first.picture), after: readBeam(second.picture) };
	const dark = {
		before: reads.before.reading.hotSpot.light < DARK,
		after: reads.after.reading.hotSpot.light < DARK
	};
	if (dark.before || dark.after) issues.push({ code: 'dark', which: which(dark.before, dark.after) });
	const lost = { before: reads.before.cutOff === null, after: reads.after.cutOff === null };
	if (lost.before || lost.after) issues.push({ code: 'no-cut-off', which: which(lost.before, lost.after) });
	return {
		quad: pair ? first.quad : null,
		...reads,
		change: changeOf(reads.before, reads.after),
		comparable: issues.every(({ code }) => HOLDS_WITH.has(code)),
		issues
	};
}

const WHICH = { before: 'the picture before', after: 'the picture after', both: 'both pictures' } as const;
const timesText = (times: number) =>
	times >= 1 ? `${decimal(times, 2)} times as much light` : `${decimal(times * 100, 0)} % of the light`;

/** An issue in words, with what to do. */
export function issueWords(issue: CompareIssue): string {
	switch (issue.code) {
		case 'size':
			return `The pictures are not of one size (${issue.before} and ${issue.after} pixels): mark the same four places on both, or take them again from one place.`;
		case 'exposure':
			return `The camera took ${timesText(issue.times)} in the second picture: lock exposure, ISO and aperture and take both again.`;
		case 'exposure-looks':
			return `Everything has ${timesText(issue.times)}, the dark wall too: the exposure seems to differ. Lock it and take both again.`;
		case 'exposure-unknown':
			return 'The pictures do not say how they were exposed: the comparison holds if exposure, ISO and aperture were locked.';
		case 'clipped':
			return `In ${WHICH[issue.which]} the brightest part is over what the camera takes (${decimal(issue.share * 100, 1)} %): shorten the exposure and take both again.`;
		case 'dark':
			return `There is next to no light on ${WHICH[issue.which]}: expose longer, both alike.`;
		case 'marks-on-one':
			return 'Only one picture is marked: mark the same four places on both.';
		case 'camera-moved':
			return `The camera moved by about ${decimal(issue.pixels, 0)} pixels between the pictures: they were put right by their marks.`;
		case 'no-cut-off':
			return `No cut-off was found in ${WHICH[issue.which]}: the beam has none, or it is lost.`;
		default:
			return issue satisfies never;
	}
}

export type { BeamReading };
