import { productView, RULE_IDS, type ProductCase } from '../../match';
import { Numbers } from './numbers';

/** Products by number, and for each rule the kinds of product it can tell apart: most rules read little of one. */
export class ProductBook {
	readonly products: readonly ProductCase[];
	/** Kind of each product, by rule. */
	readonly kinds: readonly Uint16Array[];
	/** One product of each kind, by rule. */
	readonly examples: readonly (readonly ProductCase[])[];

	constructor(products: readonly ProductCase[]) {
		this.products = products;
		const sorted = RULE_IDS.map((rule) => {
			const numbers = new Numbers();
			const examples: ProductCase[] = [];
			const kinds = Uint16Array.from(products, (product) => {
				const kind = numbers.of(productView(rule, product));
				examples[kind] ??= product;
				return kind;
			});
			return { kinds, examples };
		});
		this.kinds = sorted.map(({ kinds }) => kinds);
		this.examples = sorted.map(({ examples }) => examples);
	}
}
