import rows from '../../../../data/facts/cie1931-5nm.json';

/** CIE 1931 2-degree colour matching functions, 380 to 780 nm in 5 nm steps: wavelength, x, y, z. */
export const CMF = rows as [number, number, number, number][];

/** Wavelengths of every spectrum here, nm. */
export const WAVELENGTHS: readonly number[] = CMF.map(([nm]) => nm);

/** A value at each of `WAVELENGTHS`: radiant power (relative) or transmittance (0 to 1). */
export type Spectrum = readonly number[];

/** Samples a function of wavelength in nm on the grid. */
export function sample(f: (nm: number) => number): Spectrum {
	return WAVELENGTHS.map(f);
}

/** Product of two spectra, such as a source seen through a lens. */
export function multiply(a: Spectrum, b: Spectrum): Spectrum {
	return a.map((value, i) => value * (b[i] ?? 0));
}
