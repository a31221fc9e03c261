import type { Cover, VehicleFacts } from '../cover';
import { isOffered, type OfferAsked } from './offer';

/** Which vehicles, and which lamps, a question is about. */
export interface CoverFilter extends OfferAsked {
	make?: string | undefined;
	kind?: string | undefined;
	market?: string | undefined;
	/** Model years, first and last; one of them is enough. */
	years?: readonly [from: number | null, to: number | null] | undefined;
}

/** True for a vehicle that a question is about. One whose years nobody recorded is in no years. */
export function isChosen({ make, kind, market, years }: CoverFilter, facts: VehicleFacts): boolean {
	return (
		(make === undefined || facts.make === make) &&
		(kind === undefined || facts.kind === kind) &&
		(market === undefined || facts.market === market) &&
		(years === undefined ||
			(facts.years !== undefined && facts.years[1] >= (years[0] ?? 0) && facts.years[0] <= (years[1] ?? Infinity)))
	);
}

/** 1 for each product that counts, by number. */
export const offeredIn = ({ products }: Pick<Cover, 'products'>, asked: OfferAsked): Uint8Array =>
	Uint8Array.from(products, (product) => (isOffered(product, asked) ? 1 : 0));

/** The cover with the vehicles a question is about and no others. */
export function chosenIn(cover: Cover, filter: CoverFilter): Cover {
	const vehicles = cover.vehicles.filter(({ facts }) => isChosen(filter, facts));
	return vehicles.length === cover.vehicles.length ? cover : { ...cover, vehicles };
}
