import type { Product } from '../../model';
import type { ProductCase } from '../cases';

/** A product in the making, of the facts a rule reads and no other. */
type Draft = Record<string, unknown> & { product: Record<string, unknown>; record: Record<string, unknown> };

interface ProductFactKind {
	of: (product: ProductCase) => unknown;
	into: (draft: Draft, value: never) => void;
}

/** A fact worked out for the product. */
const worked = (name: 'lamp' | 'categories' | 'light' | 'minorLight'): ProductFactKind => ({
	of: (product) => product[name],
	into: (draft, value) => {
		draft[name] = value;
	}
});

/** A fact of the record, without what cannot be so. */
const own = (name: keyof Product & string): ProductFactKind => ({
	of: ({ product }) => product[name],
	into: ({ product }, value) => {
		product[name] = value;
	}
});

/** Everything of a product that a rule may name in `ofProduct`: equal values are judged alike by the rules that name them. */
export const PRODUCT_FACTS = {
	lamp: worked('lamp'),
	categories: worked('categories'),
	light: worked('light'),
	minorLight: worked('minorLight'),
	/** The derated flux, what is claimed of the dim mode, and what somebody measured. */
	flux: {
		of: ({ flux, product, record }) => ({ flux, minor: product.flux?.minor, measured: record.flux?.measured }),
		into: (draft, { flux, minor, measured }: { flux: unknown; minor: unknown; measured: unknown }) => {
			draft.flux = flux;
			draft.product.flux = { minor };
			draft.record.flux = { measured };
		}
	},
	/** All that says what it draws and when it lights. */
	load: {
		of: ({ product: { kind, fits, power, builtInLoad, turnOn, volts, polarity, includes } }) => ({
			kind,
			...(kind === 'halogen' ? { fits } : {}),
			power,
			builtInLoad,
			turnOn,
			volts,
			polarity,
			includes
		}),
		into: ({ product }, load: object) => {
			Object.assign(product, load);
		}
	},
	/** What was measured of its power, or stands in a document. */
	measuredPower: {
		of: ({ product: { evidence = [] } }) => evidence.filter(({ fact }) => fact.startsWith('power')),
		into: ({ product }, evidence) => {
			product.evidence = evidence;
		}
	},
	name: own('name'),
	fits: own('fits'),
	claims: own('claims'),
	includes: own('includes'),
	wiring: own('wiring'),
	modes: own('modes'),
	size: own('size'),
	emission: own('emission'),
	emitterAngle: own('emitterAngle'),
	collar: own('collar'),
	cooling: own('cooling'),
	driver: own('driver'),
	ip: own('ip'),
	colour: own('colour'),
	power: own('power'),
	builtInLoad: own('builtInLoad'),
	volts: own('volts'),
	turnOn: own('turnOn'),
	limit: own('limit')
} as const satisfies Record<string, ProductFactKind>;

export type ProductFact = keyof typeof PRODUCT_FACTS;

/** A product made of some of its facts alone, of which nothing was found on any vehicle. */
export function productOf(view: Readonly<Partial<Record<ProductFact, unknown>>>): ProductCase {
	const draft: Draft = { product: {}, record: {}, field: [] };
	for (const [fact, value] of Object.entries(view)) PRODUCT_FACTS[fact as ProductFact].into(draft, value as never);
	return draft as unknown as ProductCase;
}
