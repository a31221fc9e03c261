import { sample, type Spectrum } from '../grid';
import { twoSidedGaussian } from '../shapes';

/** Amber chip (AlInGaP): peak nm, 17 nm wide below and 14 above. */
export function amberLed(peak = 593): Spectrum {
	return sample((nm) => twoSidedGaussian(nm, { peak, below: 17, above: 14 }));
}

/** Amber from a phosphor: peak nm, 65 nm wide below and 85 above. */
export function amberPhosphorLed(peak = 598): Spectrum {
	return sample((nm) => twoSidedGaussian(nm, { peak, below: 65, above: 85 }));
}

/** Red chip (AlInGaP): peak nm, 24 nm wide below and 16 above. */
export function redLed(peak = 631): Spectrum {
	return sample((nm) => twoSidedGaussian(nm, { peak, below: 24, above: 16 }));
}

/**
 * Selective yellow: a warm phosphor whose blue is held back, as a phosphor alone of 70 nm below and 110 above.
 * An assumption of this model; the default peak lands inside the selective-yellow boundary.
 */
export function selectiveYellowLed(peak = 576): Spectrum {
	return sample((nm) => twoSidedGaussian(nm, { peak, below: 70, above: 110 }));
}
