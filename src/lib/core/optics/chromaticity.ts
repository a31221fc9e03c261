import { CMF, type Spectrum } from './grid';

/** CIE 1931 chromaticity coordinates. */
export interface Chromaticity {
	x: number;
	y: number;
}

/** Tristimulus values of a spectrum, relative. */
export function tristimulus(spectrum: Spectrum): { X: number; Y: number; Z: number } {
	let X = 0;
	let Y = 0;
	let Z = 0;
	CMF.forEach(([, x, y, z], i) => {
		const power = spectrum[i] ?? 0;
		X += power * x;
		Y += power * y;
		Z += power * z;
	});
	return { X, Y, Z };
}

/** Chromaticity of a spectrum. @throws Error for a spectrum without light, which has no colour. */
export function chromaticity(spectrum: Spectrum): Chromaticity {
	const { X, Y, Z } = tristimulus(spectrum);
	const sum = X + Y + Z;
	if (!(sum > 0)) throw new Error('A spectrum without light has no chromaticity.');
	return { x: X / sum, y: Y / sum };
}
