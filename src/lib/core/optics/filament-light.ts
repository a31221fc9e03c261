import type { LampCategory } from '../lamps';
import type { Source } from './sources';

/** Colour temperature of signal filaments and of halogen headlamp filaments, K (typical: 2600 to 2900, 3050 to 3300). */
const SIGNAL_KELVIN = 2856;
const HEADLAMP_KELVIN = 3200;

/** The filament lamp of a category as a light source, its glass included. */
export function filamentSource(category: LampCategory): Source {
	const kelvin = category.mount === 'flange' ? HEADLAMP_KELVIN : SIGNAL_KELVIN;
	return { kind: 'halogen', kelvin, glass: category.glass };
}
