import { plausible } from '../../claims';
import { categoryOrNull, type LampCategory } from '../../lamps';
import type { Product } from '../../model';
import type { FieldFact } from './field-facts';
import { NO_TRACK, type TrackRecord } from './track-record';
import { deratedFlux, filamentSource, ledSource, type DeratedFlux, type Source } from '../../optics';

/** Everything about a product that does not depend on the socket. */
export interface ProductCase {
	/** The product without facts that cannot be so; what rules look at. */
	product: Product;
	/** The product as it is on record. */
	record: Product;
	lamp: 'led' | 'filament';
	/** Categories it is made for. */
	categories: LampCategory[];
	light: Source | null;
	minorLight: Source | null;
	flux: DeratedFlux | null;
	/** Price of one lamp in the cheapest pack, minor units; infinite when it is not on sale. */
	price: number;
	/** Pieces on the shelf; null when no pack says how many there are. */
	pieces: number | null;
	/** How it did wherever it was fitted. */
	track: TrackRecord;
	/** What was found of it on vehicles. */
	field: readonly FieldFact[];
}

/** A filament lamp without a flux of its own gives what its category says. */
function nominalFlux(product: Product): DeratedFlux | null {
	const lumens = categoryOrNull(product.fits[0])?.lumens;
	return lumens === undefined ? null : { lumens, basis: 'nominal' };
}

/** A filament lamp on sale: as its category, at its own colour temperature when it states one. */
function filamentLight(product: Product): Source | null {
	const category = categoryOrNull(product.fits[0]);
	const source = category && filamentSource(category);
	return source?.kind === 'halogen' ? { ...source, kelvin: product.colour?.cct ?? source.kelvin } : source;
}

function isSwitchback(product: Product): boolean {
	return product.modes?.some((mode) => mode.startsWith('switchback')) ?? false;
}

/** Light of the dim mode where the product says it differs. A switchback that does not say is not known. */
function minorLight(product: Product): Source | null {
	return product.minorColour ? ledSource(product.minorColour) : null;
}

/** Pieces of a product on the shelf; null when no pack says how many. */
export function piecesOf({ packs }: Pick<Product, 'packs'>): number | null {
	const counted = packs.filter((pack) => pack.stock !== undefined);
	return counted.length === 0 ? null : counted.reduce((sum, pack) => sum + pack.count * (pack.stock ?? 0), 0);
}

const cheapest = ({ packs }: Pick<Product, 'packs'>): number =>
	Math.min(Infinity, ...packs.map((pack) => pack.price / pack.count));

/** The same product with other packs: on another shelf, at another price. */
export const withPacks = (product: ProductCase, packs: Product['packs']): ProductCase => ({
	...product,
	product: { ...product.product, packs },
	record: { ...product.record, packs },
	price: cheapest({ packs }),
	pieces: piecesOf({ packs })
});

/** Prepares a product for matching. `track`: how it did wherever it was fitted; `field`: what was found of it on vehicles. */
export function productCase(
	record: Product,
	{ track = NO_TRACK, field = [] }: { track?: TrackRecord | undefined; field?: readonly FieldFact[] | undefined } = {}
): ProductCase {
	const product = plausible(record);
	const led = product.kind !== 'halogen';
	const light = led ? ledSource(product.colour) : filamentLight(product);
	return {
		product,
		record,
		lamp: led ? 'led' : 'filament',
		categories: product.fits.flatMap((name) => categoryOrNull(name) ?? []),
		light,
		minorLight: minorLight(product) ?? (isSwitchback(product) ? null : light),
		flux: deratedFlux(product) ?? (led ? null : nominalFlux(product)),
		price: cheapest(product),
		pieces: piecesOf(product),
		track,
		field
	};
}

/** True for a filament lamp of the category of the socket: it is what the socket was made for, whatever else is not known. */
export function isOwnFilament({ category }: LampCategory, { lamp, categories }: ProductCase): boolean {
	return lamp === 'filament' && categories.some((own) => own.category === category);
}
