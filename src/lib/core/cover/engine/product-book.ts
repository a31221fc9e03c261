import { productView, RULE_IDS, type ProductCase } from '../../match';
import { Numbers } from './numbers';

/** Products by number, and for each rule the kinds of product it can tell apart: most rules read little of one. */
export class ProductBook {
	readonly products: ProductCase[] = [];
	/** Kind of each product, by rule. */
	readonly kinds: readonly number[][] = RULE_IDS.map(() => []);
	/** One product of each kind, by rule. */
	readonly examples: readonly ProductCase[][] = RULE_IDS.map(() => []);
	private readonly numbers = RULE_IDS.map(() => new Numbers());

	constructor(products: readonly ProductCase[] = []) {
		products.forEach((product, number) => this.put(number, product));
	}

	/** Puts a product in its place, or another in the place of one. @returns true when some rule can tell it from what was there */
	put(number: number, product: ProductCase): boolean {
		this.products[number] = product;
		let differs = false;
		RULE_IDS.forEach((rule, r) => {
			const kind = (this.numbers[r] as Numbers).of(productView(rule, product));
			const kinds = this.kinds[r] as number[];
			const examples = this.examples[r] as ProductCase[];
			examples[kind] ??= product;
			if (kinds[number] === kind) return;
			kinds[number] = kind;
			differs = true;
		});
		return differs;
	}
}
