const FWHM_PER_SIGMA = 2.3548;

/**
 * Gaussian with its own width on each side of the peak.
 * @param at wavelength, nm; `peak` nm; `below`, `above` full widths at half maximum on either side, nm
 */
export function twoSidedGaussian(at: number, peak: number, below: number, above: number): number {
	const sigma = (at < peak ? below : above) / FWHM_PER_SIGMA;
	return Math.exp(-0.5 * ((at - peak) / sigma) ** 2);
}

/** Smooth step from 0 to 1 around `edge`, nm; `width` is the scale of the transition, nm. */
export function edge(at: number, edgeAt: number, width: number): number {
	return 1 / (1 + Math.exp(-(at - edgeAt) / width));
}
