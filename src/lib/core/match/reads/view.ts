import type { ProductCase, Shop, SocketCase } from '../cases';
import { RULES, type RuleId } from '../rules';
import { PLACE_FACTS, type Draft, type PlaceFact } from './place-facts';
import { PRODUCT_FACTS, type ProductFact } from './product-facts';

/** What of a place one rule reads, as plain data. A fact that nobody knows is left out. */
export type PlaceView = Readonly<Partial<Record<PlaceFact, unknown>>>;

/** Rules by number, in the order they are asked. */
export const RULE_IDS = Object.keys(RULES) as readonly RuleId[];

/** What a rule reads of a place. */
export const factsOfPlace = (rule: RuleId): readonly PlaceFact[] => RULES[rule].ofPlace;

/** What a rule reads of a place, from the place itself. */
export const placeView = (rule: RuleId, place: SocketCase): PlaceView =>
	Object.fromEntries(factsOfPlace(rule).map((fact) => [fact, PLACE_FACTS[fact].of(place)]));

/** What a rule reads of a product. */
export function productView(rule: RuleId, product: ProductCase): Partial<Record<ProductFact, unknown>> {
	const facts: readonly ProductFact[] = RULES[rule].ofProduct;
	return Object.fromEntries(facts.map((fact) => [fact, PRODUCT_FACTS[fact].of(product)]));
}

/** What a view needs beside its facts: the shop, and light through lenses. */
export type ViewedBy = Pick<SocketCase, 'assumed' | 'through'> & { shop: Shop };

/**
 * A place made of the facts of a view alone, for the rule it was made for. What is seen beside it is left out: it is for ranking and words, and
 * refuses nothing.
 */
export function placeOf(view: PlaceView, { shop, assumed, through }: ViewedBy): SocketCase {
	const draft: Draft = {
		socket: {},
		configuration: { evidence: undefined },
		shop,
		assumed,
		through,
		others: [],
		mostDifferentWhite: () => null,
		source: () => ({ kind: 'usual-practice' })
	};
	for (const [fact, value] of Object.entries(view)) PLACE_FACTS[fact as PlaceFact].into(draft, value as never);
	return draft as unknown as SocketCase;
}
