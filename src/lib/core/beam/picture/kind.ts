import { err, ok, type Result } from '../../result';

/** What a file of a picture says of itself before anything is decoded. */
export interface PictureKind {
	kind: 'png' | 'jpeg';
	width: number;
	height: number;
}

/** Pixels a picture may have: more is not decoded at all. */
export const MOST_PIXELS = 50_000_000;
/** Pixels a side must have: less shows no cut-off. */
const LEAST_SIDE = 64;

const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
/** Start-of-frame markers of JPEG that carry a size: all of C0 to CF but the tables C4, C8 and CC. */
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);

function pngKind(bytes: Uint8Array, view: DataView): PictureKind | string {
	if (bytes.length < 33) return 'it breaks off in its head';
	const name = (at: number) => String.fromCharCode(...bytes.subarray(at, at + 4));
	for (let at = 8; at + 8 <= bytes.length && name(at + 4) !== 'IDAT'; at += 12 + view.getUint32(at))
		if (name(at + 4) === 'acTL') return 'it is animated: one still picture is wanted';
	return { kind: 'png', width: view.getUint32(16), height: view.getUint32(20) };
}

function jpegKind(bytes: Uint8Array, view: DataView): PictureKind | string {
	let at = 2;
	while (at + 9 < bytes.length) {
		if (bytes[at] !== 0xff) return 'its head cannot be read';
		const marker = bytes[at + 1] ?? 0;
		if (isFrame(marker)) return { kind: 'jpeg', height: view.getUint16(at + 5), width: view.getUint16(at + 7) };
		at += 2 + (marker === 0xff ? -1 : view.getUint16(at + 2));
	}
	return 'it breaks off in its head';
}

const startsWith = (bytes: Uint8Array, start: readonly number[]) => start.every((byte, i) => bytes[i] === byte);

/**
 * What kind of picture some bytes are, and how large, from their first bytes alone: whatever a file is called, it is its bytes that count.
 * @returns one clause when it is no picture that can be worked with: not PNG or JPEG, animated, broken, too small or too large
 */
export function pictureKind(bytes: Uint8Array): Result<PictureKind, string> {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	const found = startsWith(bytes, PNG)
		? pngKind(bytes, view)
		: startsWith(bytes, [0xff, 0xd8, 0xff])
			? jpegKind(bytes, view)
			: startsWith(bytes, [0x47, 0x49, 0x46])
				? 'it is a GIF: a PNG or JPEG picture is wanted'
				: 'it is no PNG or JPEG picture';
	if (typeof found === 'string') return err(found);
	const { width, height } = found;
	if (Math.min(width, height) < LEAST_SIDE)
		return err(`it is ${width} x ${height} pixels: at least ${LEAST_SIDE} x ${LEAST_SIDE} are needed`);
	if (width * height > MOST_PIXELS)
		return err(
			`it has ${Math.round((width * height) / 1e6)} megapixels: at most ${MOST_PIXELS / 1e6} are taken; make it smaller first`
		);
	return ok(found);
}
