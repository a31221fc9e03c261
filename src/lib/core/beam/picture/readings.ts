import { boxMean, sample, type Luminance } from './luminance';

/** How many lux one of the picture's units of light is, once one place was measured; null where the picture is dark there. */
export function luxPerUnit(picture: Luminance, at: { x: number; y: number }, lux: number): number | null {
	const light = sample(boxMean(picture, 9), at.x * picture.width - 0.5, at.y * picture.height - 0.5);
	return light > 1e-4 ? lux / light : null;
}

/** Light along a vertical line over the picture, from the top down: place as share of the height, and light. */
export function verticalProfile(picture: Luminance, x: number, points = 200): { y: number; light: number }[] {
	const half = Math.max(1, Math.round(picture.width * 0.004));
	const column = Math.round(x * picture.width);
	return Array.from({ length: points }, (_, i) => {
		const y = (i + 0.5) / points;
		let sum = 0;
		for (let dx = -half; dx <= half; dx++)
			sum += sample(picture, Math.min(picture.width - 1, Math.max(0, column + dx)), y * picture.height - 0.5);
		return { y, light: sum / (2 * half + 1) };
	});
}

/** Lines of equal light are drawn at these shares of the brightest. */
export const ISO_SHARES = [0.8, 0.5, 0.25, 0.1, 0.05, 0.02] as const;

/** A picture as a small grid, for maps and lines of equal light. */
export function lightGrid(picture: Luminance, columns = 150): Luminance {
	const times = Math.max(1, Math.floor(picture.width / columns));
	const smooth = boxMean(picture, times | 1);
	const [width, height] = [Math.floor(picture.width / times), Math.floor(picture.height / times)];
	const values = new Float32Array(width * height);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++)
			values[y * width + x] = smooth.values[(y * times + (times >> 1)) * picture.width + x * times + (times >> 1)] ?? 0;
	return { width, height, values };
}
