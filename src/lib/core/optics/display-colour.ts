import type { Chromaticity } from './chromaticity';

/** sRGB transfer (IEC 61966-2-1). */
function encode(linear: number): number {
	return linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;
}

/** Linear sRGB (D65) of a chromaticity at Y = 1; may lie outside 0 to 1. */
function linear({ x, y }: Chromaticity): number[] {
	const [X, Z] = [x / y, (1 - x - y) / y];
	return [3.2406 * X - 1.5372 - 0.4986 * Z, -0.9689 * X + 1.8758 + 0.0415 * Z, 0.0557 * X - 0.204 + 1.057 * Z];
}

/** White of the adapted eye: 4300 K, between a halogen lamp and a cool LED, so that both show their tint. */
const ADAPTED = linear({ x: 0.3687, y: 0.3711 });

/**
 * A colour a screen can show for a chromaticity at full brightness, as `#rrggbb`: linear sRGB as seen by an eye adapted to 4300 K,
 * what lies outside the screen's range cut off, scaled to the brightest channel. A drawing aid, not a measurement.
 */
export function displayColour(at: Chromaticity): string {
	const adapted = linear(at).map((value, i) => Math.max(0, value / (ADAPTED[i] ?? 1)));
	const brightest = Math.max(...adapted);
	const hex = adapted.map((value) =>
		Math.round(encode(value / brightest) * 255)
			.toString(16)
			.padStart(2, '0')
	);
	return `#${hex.join('')}`;
}
