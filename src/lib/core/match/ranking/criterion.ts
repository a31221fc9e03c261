import type { ProductCase, SocketCase } from '../cases';

/** One thing candidates are ranked by. */
export interface Criterion {
	id: string;
	label: string;
	/** Weight until a shop sets its own, 0 to 10. */
	weight: number;
	/** How points follow from the number, in words. */
	how: (socket: SocketCase) => string;
	/** Points alone, for sorting. Not known counts 0: the unknown is never ranked before the known. */
	points: (socket: SocketCase, product: ProductCase) => number | null;
	/** The number behind the points, in words. */
	shown: (socket: SocketCase, product: ProductCase) => string;
}

/** A number kept within 0 and 1. */
export const share = (value: number): number => Math.min(1, Math.max(0, value));
