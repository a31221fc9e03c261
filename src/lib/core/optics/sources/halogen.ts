import { SECOND_RADIATION_CONSTANT } from '../../quantity';
import { sample, type Spectrum } from '../grid';

/** Planck radiator at a colour temperature in K, relative; stands for every filament lamp. */
export function halogen(kelvin: number): Spectrum {
	return sample((nm) => {
		const metres = nm * 1e-9;
		return (nm / 560) ** -5 / Math.expm1(SECOND_RADIATION_CONSTANT / (metres * kelvin));
	});
}
