import * as Comlink from 'comlink';
import exifr from 'exifr';
import {
	beamAdvice,
	compareBeams,
	cutOffAt,
	findTargets,
	issueWords,
	lightGrid,
	pictureKind,
	verticalProfile,
	workPicture,
	type BeamAdvice,
	type BeamChange,
	type BeamReading,
	type Exposure,
	type Luminance,
	type Quad,
	type ReadPicture,
	type WorkPicture
} from '../core/beam';

/** A picture that was opened, as a page shows it. */
export interface OpenedShot {
	width: number;
	height: number;
	/** Printed targets that were found; null when there are none. */
	targets: Quad | null;
	exposure: Exposure | null;
}

/** One beam as it is drawn. */
export interface DrawnBeam {
	reading: BeamReading;
	/** Points of the cut-off as shares of width and height; empty without one. */
	line: { x: number; y: number }[];
	/** The picture put right, small, for maps and lines of equal light. */
	grid: Luminance;
	profile: { y: number; light: number }[];
	/** Grey picture put right, for looking at. */
	image: ImageBitmap;
}

/** Two beams held against each other, as they are drawn. */
export interface DrawnComparison {
	/** Where the marks stand on the pictures put right; null without marks. */
	quad: Quad | null;
	before: DrawnBeam;
	after: DrawnBeam;
	change: BeamChange;
	comparable: boolean;
	issues: string[];
	advice: BeamAdvice[];
	/** Height of the pictures, px of the camera. */
	height: number;
}

/** How far a piece of work is, in words. */
type Progress = (words: string) => void;

const FIELDS = ['ExposureTime', 'FNumber', 'ISO'];

interface Shot {
	picture: WorkPicture;
	exposure: Exposure | null;
}
const shots = new Map<string, Shot>();

async function exposureOf(bytes: ArrayBuffer): Promise<Exposure | null> {
	try {
		const said = (await exifr.parse(bytes, FIELDS)) as Record<string, unknown> | undefined;
		const [seconds, fNumber, iso] = FIELDS.map((field) => Number(said?.[field]));
		return seconds && fNumber && iso ? { seconds, fNumber, iso } : null;
	} catch {
		return null;
	}
}

/** What light is told from the rest by in a picture to look at: the root, as eyes do. */
async function shownImage({ width, height, values }: Luminance, most: number): Promise<ImageBitmap> {
	const pixels = new Uint8ClampedArray(width * height * 4);
	for (let i = 0; i < values.length; i++) {
		const grey = 255 * Math.sqrt((values[i] ?? 0) / most);
		pixels.set([grey, grey, grey, 255], i * 4);
	}
	return createImageBitmap(new ImageData(pixels, width, height));
}

/** Steps a cut-off is drawn with. */
const LINE_STEPS = 60;

async function drawn(read: ReadPicture, at: number): Promise<DrawnBeam> {
	const { picture, cutOff, reading } = read;
	const line = cutOff
		? Array.from({ length: LINE_STEPS + 1 }, (_, i) => {
				const x = cutOff.from + ((cutOff.to - cutOff.from) * i) / LINE_STEPS;
				return { x: x / picture.width, y: cutOffAt(cutOff, x) / picture.height };
			})
		: [];
	return {
		reading,
		line,
		grid: lightGrid(picture),
		profile: verticalProfile(picture, at),
		image: await shownImage(picture, Math.max(1e-3, reading.hotSpot.light))
	};
}

const work = {
	/** Opens a picture under a name. @throws Error with one clause when it is none that can be worked with */
	async open(name: string, file: Blob, progress: Progress): Promise<OpenedShot> {
		progress('Opening the picture');
		const bytes = await file.arrayBuffer();
		const kind = pictureKind(new Uint8Array(bytes));
		if (!kind.ok) throw new Error(kind.error);
		const exposure = await exposureOf(bytes);
		let bitmap: ImageBitmap;
		try {
			bitmap = await createImageBitmap(new Blob([bytes]), { imageOrientation: 'from-image' });
		} catch {
			throw new Error('it is damaged and cannot be decoded');
		}
		progress('Reading its light');
		const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
		const context = canvas.getContext('2d', { willReadFrequently: true });
		context?.drawImage(bitmap, 0, 0);
		const pixels = context?.getImageData(0, 0, bitmap.width, bitmap.height).data ?? new Uint8ClampedArray(4);
		const { width, height } = bitmap;
		bitmap.close();
		const picture = workPicture({ width, height, channels: 4, pixels });
		progress('Looking for printed targets');
		shots.set(name, { picture, exposure });
		return { width, height, targets: findTargets(picture), exposure };
	},

	/** Holds two opened pictures against each other. */
	async compare(
		{ marks, aspect, at }: { marks: { before: Quad; after: Quad } | null; aspect: number | null; at: number },
		progress: Progress
	): Promise<DrawnComparison> {
		const [before, after] = [shots.get('before'), shots.get('after')];
		if (!before || !after) throw new Error('two pictures are needed');
		progress('Finding the cut-offs');
		const found = compareBeams(
			{ ...before, quad: marks?.before ?? null },
			{ ...after, quad: marks?.after ?? null },
			aspect
		);
		progress('Drawing');
		const pictures = [await drawn(found.before, at), await drawn(found.after, at)] as const;
		const answer: DrawnComparison = {
			quad: found.quad,
			before: pictures[0],
			after: pictures[1],
			change: found.change,
			comparable: found.comparable,
			issues: found.issues.map(issueWords),
			advice: beamAdvice(found),
			height: found.before.picture.height * found.before.picture.scale.y
		};
		return Comlink.transfer(answer, [
			...pictures.map(({ image }) => image),
			...pictures.map(({ grid }) => grid.values.buffer as ArrayBuffer)
		]);
	}
};

export type BeamWork = typeof work;

Comlink.expose(work);
