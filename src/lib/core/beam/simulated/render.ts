import { homography, mapped, WHOLE_PICTURE, type Quad } from '../picture/quad';
import { srgbByte, type RawPicture } from '../picture/luminance';
import { lightAt, type BeamPattern } from './pattern';

/** How a pattern of light is photographed. */
export interface Camera {
	width: number;
	height: number;
	/** Degrees of the wall across the picture. */
	across: number;
	/** Light of the dark wall, a share of full; what the camera takes at full, 1 is just not clipped. */
	ambient: number;
	exposure: number;
	/** Spread of the noise of one pixel, a share of full. */
	noise: number;
	/** Where the corners of the whole square view come to stand on the picture; seen square from the front when left out. */
	view?: Quad;
	/** Targets on the wall, degrees from straight ahead: right and up; none when left out. */
	targets?: { right: number; up: number; radius: number };
	/** Same seed, same noise. */
	seed: number;
}

export const PLAIN_CAMERA: Camera = {
	width: 1200,
	height: 800,
	across: 30,
	ambient: 0.004,
	exposure: 1,
	noise: 0.004,
	seed: 1
};

/** A small generator of even numbers from 0 to 1 (mulberry32): the same seed gives the same row. */
export function evenNumbers(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let t = Math.imul(state ^ (state >>> 15), state | 1);
		t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
		return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
	};
}

/** How a printed target reflects at a place on it, 1 is the bare wall; null where there is none. */
function targetAt(targets: Camera['targets'], right: number, up: number): number | null {
	if (!targets) return null;
	const x = Math.abs(right) - targets.right;
	const y = Math.abs(up) - targets.up;
	if (Math.hypot(x, y) > targets.radius) return null;
	return (right > 0 ? x : -x) * (up > 0 ? y : -y) > 0 ? 0.04 : 1;
}

/**
 * A photograph of a beam on a wall: perspective, exposure, noise, eight bits in sRGB. For demonstrations and tests; a sketch of a beam, no
 * measurement of one.
 */
export function photograph(pattern: BeamPattern, camera: Camera): RawPicture {
	const { width, height, across, ambient, exposure, noise, seed } = camera;
	const back = camera.view ? homography(camera.view, WHOLE_PICTURE) : null;
	const chance = evenNumbers(seed);
	const gauss = () => chance() + chance() + chance() + chance() - 2;
	const pixels = new Uint8Array(width * height * 3);
	const tall = (across * height) / width;
	for (let row = 0; row < height; row++)
		for (let col = 0; col < width; col++) {
			const seen = { x: (col + 0.5) / width, y: (row + 0.5) / height };
			const { x, y } = back ? mapped(back, seen) : seen;
			const [right, up] = [(x - 0.5) * across, (0.5 - y) * tall];
			const wall = targetAt(camera.targets, right, up) ?? 0.9;
			const light = (lightAt(pattern, right, up) + ambient) * wall * exposure + gauss() * noise * 1.73;
			const byte = srgbByte(light);
			const at = (row * width + col) * 3;
			pixels[at] = byte;
			pixels[at + 1] = byte;
			pixels[at + 2] = byte;
		}
	return { width, height, channels: 3, pixels };
}
