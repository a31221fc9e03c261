import type { LightColour } from '../../model';
import type { Glass } from '../../lamps';
import { multiply, type Spectrum } from '../grid';
import { transmittance } from '../lenses';
import { amberLed, amberPhosphorLed, redLed, selectiveYellowLed } from './coloured-led';
import { halogen } from './halogen';
import { whiteLed } from './white-led';

/** A light source by kind. A new kind is one file here and one case in `spectrumOf`. */
export type Source =
	| { kind: 'halogen'; kelvin: number; glass?: Glass }
	| { kind: 'led-white'; kelvin: number }
	| { kind: 'led-amber'; peak?: number }
	| { kind: 'led-amber-phosphor'; peak?: number }
	| { kind: 'led-red'; peak?: number }
	| { kind: 'led-selective-yellow'; peak?: number };

/** The spectrum of a source, relative. */
export function spectrumOf(source: Source): Spectrum {
	switch (source.kind) {
		case 'halogen': {
			const glass = source.glass ?? 'clear';
			const bare = halogen(source.kelvin);
			return glass === 'clear' ? bare : multiply(bare, transmittance(glass));
		}
		case 'led-white':
			return whiteLed(source.kelvin);
		case 'led-amber':
			return amberLed(source.peak);
		case 'led-amber-phosphor':
			return amberPhosphorLed(source.peak);
		case 'led-red':
			return redLed(source.peak);
		case 'led-selective-yellow':
			return selectiveYellowLed(source.peak);
		default:
			return source satisfies never;
	}
}

/** A key that is equal for equal sources. */
export function sourceKey(source: Source): string {
	return Object.values(source).join(':');
}

/** The source a product's colour data describe, or null when they do not say enough: white without a temperature, amber or red without a peak. */
export function ledSource(colour: LightColour | undefined): Source | null {
	switch (colour?.kind) {
		case 'white':
			return colour.cct === undefined ? null : { kind: 'led-white', kelvin: colour.cct };
		case 'amber':
			if (colour.peak === undefined) return null;
			return { kind: colour.phosphor ? 'led-amber-phosphor' : 'led-amber', peak: colour.peak };
		case 'red':
			return colour.peak === undefined ? null : { kind: 'led-red', peak: colour.peak };
		case 'selective-yellow':
			return { kind: 'led-selective-yellow', peak: colour.peak };
		default:
			return null;
	}
}
