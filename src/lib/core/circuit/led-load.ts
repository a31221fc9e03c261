import type { Product } from '../model';
import type { FilamentRole, LampCategory } from '../lamps';
import { VOLTS_NOMINAL } from '../quantity';
import { productParts, stockPart, whenCold } from './lamp-parts';
import { drawn, type Part } from './network/element';

/**
 * Current of parts side by side on one supply, A: what the network comes to where nothing lies in series. Matching adds so for thousands of
 * lamps; the network with its fuses, wires and contacts differs from it by less than one part in fifty.
 */
function sideBySide(parts: readonly Part[], volts: number): number {
	return parts.reduce((sum, part) => sum + drawn(part, volts).amperes, 0);
}

/** Weak supply that conductance is read at, V: too low to light an LED. */
const SENSE_V = 1;
const coldConductance = (parts: readonly Part[]) => sideBySide(parts.map(whenCold), SENSE_V) / SENSE_V;

/** Current a lamp on sale draws from the feed that stands for one filament, A, at 13.5 V or another supply, its built-in load included; null when not known. */
export function ledCurrent(product: Product, role: FilamentRole, volts = VOLTS_NOMINAL): number | null {
	const parts = productParts(product, role);
	return parts && sideBySide(parts, volts);
}

/** Conductance a cold check sees through a lamp on sale, siemens: in an LED only a built-in load conducts below the turn-on voltage. */
export function ledColdConductance(product: Product, role: FilamentRole): number {
	return coldConductance(productParts(product, role) ?? []);
}

/** Current of the filament lamp of a category, A, at 13.5 V or another supply; null when its rating is not known. */
export function stockCurrent(category: LampCategory, role: FilamentRole, volts = VOLTS_NOMINAL): number | null {
	const part = stockPart(category, role);
	return part && drawn(part, volts).amperes;
}

/** Conductance a cold check sees through the cold filament, siemens; null when its rating is not known. */
export function stockColdConductance(category: LampCategory, role: FilamentRole): number | null {
	const part = stockPart(category, role);
	return part && coldConductance([part]);
}
