import type { Product } from '../model';
import type { LampCategory, FilamentRole } from '../lamps';
import { loadResistor, type Part } from './network/element';

/** Voltage below which an LED stays dark when its maker does not say, V (drop-out is commonly at 8 to 10). */
export const TURN_ON_V = 8.5;
/** A cold filament has about a tenth of its hot resistance. */
export const COLD_SHARE = 0.1;

/** The stock filament that stands for one contact, as a part; null when its rating is not known. */
export function stockPart(category: LampCategory, role: FilamentRole): Part | null {
	const watts = role === 'minor' ? (category.wattsMinor ?? category.watts) : category.watts;
	return watts === undefined || category.volts === undefined
		? null
		: { kind: 'filament', watts, ratedVolts: category.volts };
}

/** What a product puts between one contact and earth: its driver, and a built-in load beside it; null when its power is not known. */
export function productParts(product: Product, role: FilamentRole): Part[] | null {
	if (product.kind === 'halogen') {
		const watts = product.power?.at13v5;
		return watts === undefined ? null : [{ kind: 'filament', watts, ratedVolts: 12 }];
	}
	const watts = role === 'minor' ? product.power?.minor : product.power?.at13v5;
	if (watts === undefined) return null;
	const driver: Part = {
		kind: 'led',
		watts,
		turnOn: product.turnOn ?? TURN_ON_V,
		bothWays: product.polarity === 'free'
	};
	const load = role === 'major' ? (product.builtInLoad ?? 0) : 0;
	return load > 0 ? [driver, loadResistor(load)] : [driver];
}

/** The same part as a weak pulse finds it while it is off: a filament cold, an LED below its turn-on voltage. */
export function whenCold(part: Part): Part {
	return part.kind === 'filament' ? { kind: 'resistor', ohms: (COLD_SHARE * part.ratedVolts ** 2) / part.watts } : part;
}
