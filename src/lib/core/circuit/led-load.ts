import type { Product } from '../model';
import type { FilamentRole, LampCategory } from '../lamps';
import { VOLTS_NOMINAL } from '../quantity';
import { productParts, stockPart, whenCold, type LampPlace } from './lamp-parts';
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

/** A lamp place and the supply on it just now, V; 13.5 when not given. */
export interface LoadedPlace extends LampPlace {
	volts?: number;
}

/** Current a lamp on sale draws from the feed that stands for one filament, A, its built-in load included; null when not known. */
export function ledCurrent(product: Product, role: FilamentRole, place: LoadedPlace = {}): number | null {
	const parts = productParts(product, role, place);
	return parts && sideBySide(parts, place.volts ?? VOLTS_NOMINAL);
}

/** Conductance a cold check sees through a lamp on sale, siemens: in an LED only a built-in load conducts below the turn-on voltage. */
export function ledColdConductance(product: Product, role: FilamentRole, place: LampPlace = {}): number {
	return coldConductance(productParts(product, role, place) ?? []);
}

/** Current of the filament lamp of a category, A; null when its rating is not known. */
export function stockCurrent(category: LampCategory, role: FilamentRole, place: LoadedPlace = {}): number | null {
	const part = stockPart(category, role, place.nominal);
	return part && drawn(part, place.volts ?? VOLTS_NOMINAL).amperes;
}

/** Conductance a cold check sees through the cold filament, siemens; null when its rating is not known. */
export function stockColdConductance(category: LampCategory, role: FilamentRole, nominal = 12): number | null {
	const part = stockPart(category, role, nominal);
	return part && coldConductance([part]);
}
