const FWHM_PER_SIGMA = 2.3548;

/** A peak of light that falls off differently on its two sides. */
export interface Peak {
	/** Wavelength of the peak, nm. */
	readonly peak: number;
	/** Full widths at half maximum towards shorter and longer waves, nm. */
	readonly below: number;
	readonly above: number;
}

/**
 * Gaussian with its own width on each side of the peak.
 * @param at wavelength, nm
 */
export function twoSidedGaussian(at: number, { peak, below, above }: Peak): number {
	const sigma = (at < peak ? below : above) / FWHM_PER_SIGMA;
	return Math.exp(-0.5 * ((at - peak) / sigma) ** 2);
}

/** Smooth step from 0 to 1 around `edge`, nm; `width` is the scale of the transition, nm. */
export function edge(at: number, edgeAt: number, width: number): number {
	return 1 / (1 + Math.exp(-(at - edgeAt) / width));
}
