import exifr from 'exifr';
import sharp, { type Sharp } from 'sharp';
import { MOST_PIXELS, pictureKind, type Exposure, type RawPicture } from '../../core/beam';
import { err, ok, type Result } from '../../core/result';

/** A picture as it was taken. */
export interface TakenPicture {
	raw: RawPicture;
	/** How the camera was set; null when the picture does not say. */
	exposure: Exposure | null;
}

const FIELDS = ['ExposureTime', 'FNumber', 'ISO'];

/** How a camera was set, as the picture says; null when it does not say all of it. */
async function exposureOf(bytes: Uint8Array): Promise<Exposure | null> {
	try {
		const said = (await exifr.parse(bytes, FIELDS)) as Record<string, unknown> | undefined;
		const [seconds, fNumber, iso] = FIELDS.map((field) => Number(said?.[field]));
		return seconds && fNumber && iso ? { seconds, fNumber, iso } : null;
	} catch {
		// A picture without readable words about itself is still a picture.
		return null;
	}
}

/** Opens a picture for decoding, whatever its file was called. @returns one clause when it is none that can be worked with */
function opened(bytes: Uint8Array): Result<Sharp, string> {
	const kind = pictureKind(bytes);
	if (!kind.ok) return kind;
	return ok(sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).autoOrient());
}

/** Decodes a PNG or JPEG picture upright, with its exposure. @returns one clause when it is none that can be worked with */
export async function readPicture(bytes: Uint8Array): Promise<Result<TakenPicture, string>> {
	const image = opened(bytes);
	if (!image.ok) return image;
	try {
		const { data, info } = await image.value
			.toColourspace('srgb')
			.removeAlpha()
			.raw()
			.toBuffer({ resolveWithObject: true });
		const raw: RawPicture = { width: info.width, height: info.height, channels: 3, pixels: new Uint8Array(data) };
		return ok({ raw, exposure: await exposureOf(bytes) });
	} catch {
		return err('it is damaged and cannot be decoded');
	}
}

/** Longest side of a picture that is kept, px. */
const KEPT_SIDE = 1600;
const KEPT_QUALITY = 82;

/**
 * A picture as it is kept: upright, no larger than need be, and without a word of what the camera wrote beside it (place, time, owner).
 * @returns one clause when it is none
 */
export async function pictureToKeep(bytes: Uint8Array): Promise<Result<{ type: string; bytes: Uint8Array }, string>> {
	const image = opened(bytes);
	if (!image.ok) return image;
	try {
		const small = image.value.resize({ width: KEPT_SIDE, height: KEPT_SIDE, fit: 'inside', withoutEnlargement: true });
		return ok({ type: 'image/jpeg', bytes: await small.jpeg({ quality: KEPT_QUALITY }).toBuffer() });
	} catch {
		return err('it is damaged and cannot be decoded');
	}
}

/** A picture as PNG, for pictures that are drawn here. */
export function pngOf({ width, height, channels, pixels }: RawPicture): Promise<Buffer> {
	return sharp(pixels, { raw: { width, height, channels } }).png({ compressionLevel: 6 }).toBuffer();
}
