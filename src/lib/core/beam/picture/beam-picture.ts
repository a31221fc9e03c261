import { angleOf, cutOffAt, findCutOff, heightAt, type CutOff } from './cutoff';
import { edgePoints } from './edge';
import { boxMean, type WorkPicture } from './luminance';

/** What one picture of a beam on a wall says. Places are shares of width and height from the top left. */
export interface BeamReading {
	cutoff: {
		/** Where it stands at its kink, or in the middle of the picture where it is flat. */
		height: number;
		/** Lean of its flat part, degrees, clockwise positive as the camera sees it. */
		slope: number;
		/** Share of the step from dark to light that happens inside 1 % of the picture's height, 0 to 1. */
		sharpness: number;
		/** From 12 to 88 % of the step, px of the camera's picture. */
		width: number;
		shape: CutOff['shape'];
		/** Where its parts meet; null for a flat one. */
		kink: number | null;
	} | null;
	hotSpot: {
		x: number;
		y: number;
		/** Share of all light that lies where it is at least half as bright as at its brightest. */
		share: number;
		/** Brightest light, linear, 1 is all the camera takes. */
		light: number;
	};
	/** Mean light over the cut-off relative to that under it, bands of the same height; null without a cut-off, or room over it. */
	above: number | null;
	/** Share of the picture in which the camera was at its end. */
	clipped: number;
}

/** A picture with what was found on it, for comparing and drawing. */
export interface ReadPicture {
	picture: WorkPicture;
	cutOff: CutOff | null;
	reading: BeamReading;
}

/** Hot spots are told apart from noise by a mean over this share of the width. */
const SPOT_SIDE = 0.015;
/** Height of the bands above and below, and what is left out about the cut-off itself: shares of the picture's height. */
const BAND = 0.15;
const LEAST_BAND = 0.03;
const MARGIN = 0.012;

function hotSpotOf(picture: WorkPicture): BeamReading['hotSpot'] {
	const side = Math.max(3, Math.round(picture.width * SPOT_SIDE) | 1);
	const smooth = boxMean(picture, side);
	let at = 0;
	for (let i = 1; i < smooth.values.length; i++) if ((smooth.values[i] ?? 0) > (smooth.values[at] ?? 0)) at = i;
	const light = smooth.values[at] ?? 0;
	let [all, hot, sumX, sumY] = [0, 0, 0, 0];
	for (let i = 0; i < smooth.values.length; i++) {
		const value = picture.values[i] ?? 0;
		all += value;
		const bright = smooth.values[i] ?? 0;
		if (bright < light / 2) continue;
		hot += value;
	}
	// The place is the middle of the brightest tenth of it: one pixel of noise does not move it.
	let weight = 0;
	for (let i = 0; i < smooth.values.length; i++) {
		const over = (smooth.values[i] ?? 0) - light * 0.9;
		if (over <= 0) continue;
		weight += over;
		sumX += over * (i % picture.width);
		sumY += over * Math.floor(i / picture.width);
	}
	return {
		x: ((weight > 0 ? sumX / weight : at % picture.width) + 0.5) / picture.width,
		y: ((weight > 0 ? sumY / weight : Math.floor(at / picture.width)) + 0.5) / picture.height,
		share: all > 0 ? hot / all : 0,
		light
	};
}

/** Mean light of a band along the cut-off, from `from` to `to` px over it (negative: under it); null where the picture does not reach. */
export function bandMean(
	{ picture, cutOff }: Pick<ReadPicture, 'picture' | 'cutOff'>,
	from: number,
	to: number
): number | null {
	if (!cutOff) return null;
	const { width, height, values } = picture;
	let [sum, count] = [0, 0];
	for (let x = Math.ceil(cutOff.from); x <= cutOff.to && x < width; x++) {
		const line = cutOffAt(cutOff, x);
		for (let y = Math.max(0, Math.ceil(line - to)); y < Math.min(height, line - from); y++) {
			sum += values[y * width + x] ?? 0;
			count += 1;
		}
	}
	return count > 0 ? sum / count : null;
}

/** How far from the cut-off the bands begin and end, px, so that neither has any of the edge in it; null where there is no room over it. */
export function bandsFor(
	reads: readonly Pick<ReadPicture, 'picture' | 'cutOff'>[]
): { from: number; to: number } | null {
	let [from, room] = [0, Infinity];
	for (const { picture, cutOff } of reads) {
		if (!cutOff) return null;
		from = Math.max(from, picture.height * MARGIN, cutOff.width * 1.3);
		const highest = Math.min(
			cutOffAt(cutOff, cutOff.from),
			cutOffAt(cutOff, cutOff.to),
			cutOffAt(cutOff, cutOff.kink ?? cutOff.from)
		);
		room = Math.min(room, Math.max(highest, heightAt(cutOff.flat, (cutOff.from + cutOff.to) / 2) * 0.5));
	}
	const height = reads[0]?.picture.height ?? 0;
	const to = Math.min(from + height * BAND, room);
	return to - from >= height * LEAST_BAND ? { from, to } : null;
}

/** Reads a beam on a wall: its cut-off by the steepest step of each strip with straight lines through them, its hot spot, and the light above. */
export function readBeam(picture: WorkPicture): ReadPicture {
	const points = edgePoints(picture);
	const strips = Math.max(
		points.length,
		Math.round(picture.width / Math.max(2, Math.floor(picture.width / 120))) * 0.6
	);
	const cutOff = findCutOff(points, { width: picture.width, height: picture.height, strips });
	const bands = bandsFor([{ picture, cutOff }]);
	const above = bands && bandMean({ picture, cutOff }, bands.from, bands.to);
	const below = bands && bandMean({ picture, cutOff }, -bands.to, -bands.from);
	const read = { picture, cutOff };
	return {
		...read,
		reading: {
			cutoff: cutOff && cutOffReading(cutOff, picture),
			hotSpot: hotSpotOf(picture),
			above: above !== null && below ? above / below : null,
			clipped: picture.clipped
		}
	};
}

/** Share of a logistic step inside a window about its middle. */
const insideOf = (window: number, width: number) => Math.tanh((window / width) * (Math.log(0.88 / 0.12) / 2));

function cutOffReading(cutOff: CutOff, { width, height, scale }: WorkPicture): NonNullable<BeamReading['cutoff']> {
	const x = cutOff.kink !== null && cutOff.kink > 0 && cutOff.kink < width ? cutOff.kink : width / 2;
	return {
		height: heightAt(cutOff.flat, x) / height,
		slope: angleOf(cutOff.flat),
		sharpness: insideOf(height * 0.01, cutOff.width),
		width: cutOff.width * scale.y,
		shape: cutOff.shape,
		kink: cutOff.kink === null ? null : cutOff.kink / width
	};
}
