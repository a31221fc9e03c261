import type { Product } from '../exchange';
import { VOLTS_NOMINAL } from '../units';
import { filamentCurrent } from './filament';
import type { LampCategory } from '../lamps';

export type FilamentRole = 'major' | 'minor';

/** Current an LED draws from the feed that stands for one filament at 13.5 V, A, its built-in load included; null when not known. */
export function ledCurrent(product: Product, role: FilamentRole): number | null {
	const power = role === 'minor' ? product.power?.minor : product.power?.at13v5;
	if (power === undefined) return null;
	const load = role === 'major' ? (product.builtInLoad ?? 0) : 0;
	return (power + load) / VOLTS_NOMINAL;
}

/** Conductance a cold check sees through an LED, siemens: only a built-in load conducts below the turn-on voltage. */
export function ledColdConductance(product: Product, role: FilamentRole): number {
	const load = role === 'major' ? (product.builtInLoad ?? 0) : 0;
	return load / VOLTS_NOMINAL ** 2;
}

function filamentOfCategory(category: LampCategory, role: FilamentRole) {
	const watts = role === 'minor' ? (category.wattsMinor ?? category.watts) : category.watts;
	return watts === undefined || category.volts === undefined ? null : { watts, ratedVolts: category.volts };
}

/** Current of the filament lamp of a category at 13.5 V, A; null when its rating is not known. */
export function stockCurrent(category: LampCategory, role: FilamentRole): number | null {
	const lamp = filamentOfCategory(category, role);
	return lamp && filamentCurrent(lamp);
}

/** Conductance a cold check sees through the cold filament, siemens; null when its rating is not known. */
export function stockColdConductance(category: LampCategory, role: FilamentRole): number | null {
	const lamp = filamentOfCategory(category, role);
	return lamp && (10 * lamp.watts) / lamp.ratedVolts ** 2;
}
