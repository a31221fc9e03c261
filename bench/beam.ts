import {
	compareBeams,
	findTargets,
	photograph,
	PLAIN_BEAM,
	PLAIN_CAMERA,
	workPicture,
	type BeamPattern,
	type RawPicture
} from '../src/lib/core/beam';
import { median, ms } from './measure';

/** A picture of twelve megapixels: each pixel of a smaller one four times over, along each axis. */
const TIMES = 4;
const SMALL = { ...PLAIN_CAMERA, width: 1000, height: 750, ambient: 0.02, targets: { right: 9, up: 5, radius: 0.6 } };

function large(beam: Partial<BeamPattern>, seed: number): RawPicture {
	const small = photograph({ ...PLAIN_BEAM, ...beam }, { ...SMALL, seed });
	const [width, height] = [small.width * TIMES, small.height * TIMES];
	const pixels = new Uint8Array(width * height * 3);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const from = (Math.floor(y / TIMES) * small.width + Math.floor(x / TIMES)) * 3;
			pixels.set(small.pixels.subarray(from, from + 3), (y * width + x) * 3);
		}
	return { width, height, channels: 3, pixels };
}

/** Two pictures of twelve megapixels, from their pixels to what changed. */
export async function beam(): Promise<void> {
	const raws = [large({}, 1), large({ tilt: 2 }, 2)] as const;
	const pictures = raws.map((raw) => workPicture(raw));
	const [before, after] = pictures.map((picture) => ({ picture, quad: findTargets(picture), exposure: null }));
	if (!before?.quad || !after?.quad) throw new Error('The targets were not found.');
	const opened = await median(() => raws.map((raw) => workPicture(raw)), 3);
	const found = await median(() => pictures.map((picture) => findTargets(picture)), 3);
	const compared = await median(() => compareBeams(before, after), 3);
	console.log(
		`Two pictures of 12 megapixels: ${ms(opened + found + compared)} in all, ${((opened + found + compared) / opened).toFixed(1)} x reading their pixels (${ms(opened)}); targets ${ms(found)}, comparison ${ms(compared)}.`
	);
}
