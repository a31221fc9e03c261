/** A picture as its camera gave it: eight bits a channel, row by row from the top left. */
export interface RawPicture {
	width: number;
	height: number;
	/** 3 or 4 bytes a pixel. */
	channels: 3 | 4;
	pixels: Uint8Array | Uint8ClampedArray;
}

/** Linear luminance, 0 to 1, row by row from the top left. */
export interface Luminance {
	width: number;
	height: number;
	values: Float32Array;
}

/** The luminance of a picture at the size it is worked on. */
export interface WorkPicture extends Luminance {
	/** Pixels of the camera's picture for one of these, along each axis. */
	scale: { x: number; y: number };
	/** Share of pixels in which the camera was at its end. */
	clipped: number;
}

/** Longest side that is worked on, px: a cut-off is read to a fraction of a pixel. */
export const WORK_SIDE = 1200;
/** From this value up a channel is at its end. */
const CLIPPED = 254;

/** sRGB decoding (IEC 61966-2-1): a byte as linear light. */
const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => {
	const value = byte / 255;
	return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
});

/** Linear light as an sRGB byte. */
export function srgbByte(linear: number): number {
	const value = Math.min(1, Math.max(0, linear));
	return Math.round(255 * (value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055));
}

/** Weights of linear red, green and blue in luminance (sRGB primaries). */
const RED = 0.2126;
const GREEN = 0.7152;
const BLUE = 0.0722;

/** A camera's picture as linear luminance, made smaller by the mean of what falls on each pixel. */
export function workPicture({ width, height, channels, pixels }: RawPicture, side = WORK_SIDE): WorkPicture {
	const shrink = Math.max(1, Math.ceil(Math.max(width, height) / side));
	const [w, h] = [Math.floor(width / shrink), Math.floor(height / shrink)];
	const values = new Float32Array(w * h);
	let clipped = 0;
	// Twelve million rounds: nothing is made in them.
	for (let y = 0; y < h * shrink; y++) {
		const row = Math.floor(y / shrink) * w;
		let at = y * width * channels;
		for (let x = 0; x < w; x++) {
			let sum = 0;
			for (let i = 0; i < shrink; i++, at += channels) {
				const r = pixels[at] ?? 0;
				const g = pixels[at + 1] ?? 0;
				const b = pixels[at + 2] ?? 0;
				if (r >= CLIPPED || g >= CLIPPED || b >= CLIPPED) clipped++;
				sum += RED * (LINEAR[r] ?? 0) + GREEN * (LINEAR[g] ?? 0) + BLUE * (LINEAR[b] ?? 0);
			}
			values[row + x] = (values[row + x] ?? 0) + sum;
		}
	}
	const share = 1 / (shrink * shrink);
	for (let i = 0; i < values.length; i++) values[i] = (values[i] ?? 0) * share;
	return {
		width: w,
		height: h,
		values,
		scale: { x: shrink, y: shrink },
		clipped: clipped / (w * h * shrink * shrink)
	};
}

/** Luminance between pixels, by the four around; 0 outside. */
export function sample({ width, height, values }: Luminance, x: number, y: number): number {
	if (x < 0 || y < 0 || x > width - 1 || y > height - 1) return 0;
	const [x0, y0] = [Math.min(Math.floor(x), width - 2), Math.min(Math.floor(y), height - 2)];
	const [fx, fy] = [x - x0, y - y0];
	const at = y0 * width + x0;
	const top = (values[at] ?? 0) * (1 - fx) + (values[at + 1] ?? 0) * fx;
	const bottom = (values[at + width] ?? 0) * (1 - fx) + (values[at + width + 1] ?? 0) * fx;
	return top * (1 - fy) + bottom * fy;
}

/** How the lines of a picture lie in its row of values: how many, how long, and where one is. */
interface Lines {
	count: number;
	length: number;
	at: (line: number, i: number) => number;
}

/** Running mean along lines, at the ends over what there is. */
function meanAlong(from: Float32Array, { count, length, at }: Lines, reach: number): Float32Array {
	const to = new Float32Array(from.length);
	for (let line = 0; line < count; line++) {
		let sum = 0;
		for (let i = 0; i < Math.min(reach, length); i++) sum += from[at(line, i)] ?? 0;
		for (let i = 0; i < length; i++) {
			if (i + reach < length) sum += from[at(line, i + reach)] ?? 0;
			if (i - reach - 1 >= 0) sum -= from[at(line, i - reach - 1)] ?? 0;
			to[at(line, i)] = sum / (Math.min(length - 1, i + reach) - Math.max(0, i - reach) + 1);
		}
	}
	return to;
}

/** Mean over a square of an odd side about every pixel; at the rim over what there is. */
export function boxMean({ width, height, values }: Luminance, side: number): Luminance {
	const reach = Math.floor(side / 2);
	const rows = { count: height, length: width, at: (line: number, i: number) => line * width + i };
	const columns = { count: width, length: height, at: (line: number, i: number) => i * width + line };
	return { width, height, values: meanAlong(meanAlong(values, rows, reach), columns, reach) };
}
