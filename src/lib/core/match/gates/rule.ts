import type { ProductCase, SocketCase } from '../cases';
import type { Finding } from '../findings/finding';
import type { PlaceFact } from '../reads/place-facts';
import type { ProductFact } from '../reads/product-facts';

/** A rule looks at one product in one socket and says what it finds; nothing when it does not apply. */
export type Rule = (socket: SocketCase, product: ProductCase) => Finding | Finding[] | null;

/**
 * A rule, and the facts of a place and of a product that it reads: equal facts, equal findings. What was found of a product on a vehicle stands
 * apart.
 */
export interface RuleEntry {
	judge: Rule;
	ofPlace: readonly PlaceFact[];
	ofProduct: readonly ProductFact[];
}
