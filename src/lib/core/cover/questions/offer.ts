import type { ProductCase } from '../../match';

/** From where a place may be served: what lies on the shelf, that and what is on order, or anything in a catalogue. */
export const OFFERS = ['shelf', 'order', 'catalogue'] as const;
export type Offer = (typeof OFFERS)[number];

/** Which lamps count: any, or LEDs alone. */
export interface OfferAsked {
	from: Offer;
	ledOnly?: boolean;
}

/** Pieces of a product that are on order with a supplier. */
export const piecesOnOrder = ({ record: { packs } }: Pick<ProductCase, 'record'>): number =>
	packs.reduce((sum, { count, ordered = 0 }) => sum + count * ordered, 0);

/** Whether a product is to be had. A shelf that nobody counted is taken for an empty one. */
export function isOffered(product: ProductCase, { from, ledOnly = false }: OfferAsked): boolean {
	if (product.record.withdrawn || product.record.kind === 'assembly') return false;
	if (ledOnly && product.record.kind === 'halogen') return false;
	const onShelf = (product.pieces ?? 0) > 0;
	switch (from) {
		case 'shelf':
			return onShelf;
		case 'order':
			return onShelf || piecesOnOrder(product) > 0;
		case 'catalogue':
			return true;
		default:
			return from satisfies never;
	}
}
