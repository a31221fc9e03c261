import { categoryOrNull } from '../../lamps';
import { relatedCategories, type ProductCase } from '../../match';

/** Numbers of the products that are worth a look in a socket of a lamp category, in the order of the rows of its places. */
export type Shelf = Int32Array;

/** Products by number under every lamp category they are made for. Assemblies and what is no longer offered stand nowhere. */
export class Shelves {
	private readonly byCategory = new Map<string, number[]>();
	private readonly known = new Map<string, Shelf>();

	constructor(products: readonly ProductCase[]) {
		products.forEach(({ product, categories }, number) => {
			if (product.withdrawn || product.kind === 'assembly') return;
			for (const name of new Set(categories.map(({ category }) => category)))
				this.byCategory.set(name, [...(this.byCategory.get(name) ?? []), number]);
		});
	}

	/** The shelf for the sockets of a category, each product once. */
	for(category: string): Shelf {
		const there = this.known.get(category);
		if (there) return there;
		const found = categoryOrNull(category);
		const near = found ? relatedCategories(found) : [];
		const numbers = [...new Set(near.flatMap((name) => this.byCategory.get(name) ?? []))].sort((a, b) => a - b);
		const shelf = Int32Array.from(numbers);
		this.known.set(category, shelf);
		return shelf;
	}
}
