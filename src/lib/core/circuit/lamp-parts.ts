import type { Product } from '../model';
import { categoryOrNull, isDischarge, type FilamentRole, type LampCategory } from '../lamps';
import { VOLTS_NOMINAL } from '../quantity';
import { loadsInBox } from './in-box';
import { loadResistor, type Part } from './network/element';

/** Voltage below which an LED stays dark when its maker does not say, V (drop-out is commonly at 8 to 10). */
export const TURN_ON_V = 8.5;
/** A cold filament has about a tenth of its hot resistance. */
export const COLD_SHARE = 0.1;
/** What a ballast takes beside the watts of its arc, W: 35 W from about 3 A at 13.5 V, 25 W from about 2.3 A. */
const BALLAST_W = 6;
/** Voltage from which a ballast runs, V (usual). */
const BALLAST_FROM_V = 9;
/** Headlamp filaments for 24 V are rated so much higher than their 12 V kin, W (UN R37: H1, H3, H7 70 W, H4 75/70 W). */
const BEAM_MORE_AT_24_W = 15;
/** A filament on sale within these shares of its category's rating is that lamp; outside it is another one, rated as its data say. */
const SAME_LAMP = { least: 0.9, most: 1.25 };

/** Where a lamp sits, as far as its rating goes: the nominal supply, V, and the lamp category of the socket. */
export interface LampPlace {
	/** 6, 12 or 24 V; 12 when not given. */
	nominal?: number;
	category?: LampCategory | null;
}

/** The stock filament that stands for one contact, as a part, or the ballast of a discharge lamp; null when its rating is not known. */
export function stockPart(category: LampCategory, role: FilamentRole, nominal = 12): Part | null {
	const watts = role === 'minor' ? (category.wattsMinor ?? category.watts) : category.watts;
	if (watts === undefined) return null;
	if (isDischarge(category))
		return { kind: 'led', watts: watts + BALLAST_W, turnOn: (BALLAST_FROM_V * nominal) / 12, bothWays: false };
	if (category.volts === undefined) return null;
	const more = nominal === 24 && category.mount === 'flange' ? BEAM_MORE_AT_24_W : 0;
	return { kind: 'filament', watts: watts + more, ratedVolts: (category.volts * nominal) / 12 };
}

/** The category a filament lamp on sale is rated by: the socket's own where it is made for that, else the first it is made for. */
function ratingOf({ fits }: Product, category: LampCategory | null | undefined): LampCategory | null {
	const made = fits.flatMap((name) => categoryOrNull(name) ?? []);
	return made.find((own) => own.category === category?.category) ?? made[0] ?? null;
}

function filamentPart(product: Product, role: FilamentRole, { nominal, category }: LampPlace): Part | null {
	const rating = ratingOf(product, category);
	const stock = rating && stockPart(rating, role, nominal);
	const own = role === 'minor' ? product.power?.minor : product.power?.at13v5;
	const share = stock?.kind === 'filament' && own !== undefined ? own / stock.watts : 1;
	if (stock && share >= SAME_LAMP.least && share <= SAME_LAMP.most) return stock;
	return own === undefined ? stock : { kind: 'filament', watts: own, ratedVolts: VOLTS_NOMINAL };
}

/** Voltage from which a lamp on sale lights, V: as its data say, or from the foot of its range. */
export function turnOnOf({ turnOn, volts }: Pick<Product, 'turnOn' | 'volts'>): number {
	return turnOn ?? (volts && volts[0] < volts[1] ? volts[0] : TURN_ON_V);
}

/**
 * What a product puts between one contact and earth: its driver, and a built-in load and what comes in the box beside it; null when its power is not known.
 * A filament lamp is rated like its category, each filament its own.
 */
export function productParts(product: Product, role: FilamentRole, place: LampPlace = {}): Part[] | null {
	if (product.kind === 'halogen') {
		const part = filamentPart(product, role, place);
		return part && [part];
	}
	const watts = role === 'minor' ? product.power?.minor : product.power?.at13v5;
	if (watts === undefined) return null;
	const driver: Part = { kind: 'led', watts, turnOn: turnOnOf(product), bothWays: product.polarity === 'free' };
	const load = role === 'major' ? (product.builtInLoad ?? 0) : 0;
	const beside = role === 'major' ? loadsInBox(product).map((ohms): Part => ({ kind: 'resistor', ohms })) : [];
	return [driver, ...(load > 0 ? [loadResistor(load)] : []), ...beside];
}

/** The same part as a weak pulse finds it while it is off: a filament cold, an LED below its turn-on voltage. */
export function whenCold(part: Part): Part {
	return part.kind === 'filament' ? { kind: 'resistor', ohms: (COLD_SHARE * part.ratedVolts ** 2) / part.watts } : part;
}

/** Equal for lamps that a circuit cannot tell apart, whatever they are called. */
export function lampSignature(product: Product): string {
	const { kind, fits, startUp, wiring, includes } = product;
	return JSON.stringify([
		kind,
		kind === 'halogen' ? fits : [],
		productParts(product, 'major'),
		productParts(product, 'minor'),
		startUp,
		wiring,
		includes
	]);
}
