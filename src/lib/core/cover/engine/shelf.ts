import { categoryOrNull } from '../../lamps';
import { relatedCategories, type ProductCase } from '../../match';

/** Numbers of the products that are worth a look in a socket of a lamp category, in the order of the rows of its places. It only grows at its end. */
export type Shelf = readonly number[];

/** Lamp categories under which a product stands; none for an assembly, which takes the place of whole lamps. */
export const shelvesOf = ({ product, categories }: ProductCase): string[] =>
	product.kind === 'assembly' ? [] : [...new Set(categories.map(({ category }) => category))];

const near = new Map<string, readonly string[]>();

/** Lamp categories whose lamps are worth a look in a socket of a category. */
function nearTo(name: string): readonly string[] {
	const known = near.get(name);
	if (known) return known;
	const category = categoryOrNull(name);
	const found = category ? relatedCategories(category) : [];
	near.set(name, found);
	return found;
}

/** True when products that stand under some categories are worth a look in a socket of another. */
export const isNear = (socket: string, categories: readonly string[]): boolean =>
	nearTo(socket).some((name) => categories.includes(name));

/** Products by number under every lamp category they are made for. What is no longer offered keeps its place, so that rows stay right. */
export class Shelves {
	private readonly byCategory = new Map<string, number[]>();
	private readonly shelves = new Map<string, number[]>();

	/** Adds a product; its number is higher than all before it. */
	add(number: number, categories: readonly string[]): void {
		for (const name of categories) this.byCategory.set(name, [...(this.byCategory.get(name) ?? []), number]);
		for (const [category, shelf] of this.shelves) if (isNear(category, categories)) shelf.push(number);
	}

	/** The shelf for the sockets of a category, each product once. */
	for(category: string): Shelf {
		const there = this.shelves.get(category);
		if (there) return there;
		const numbers = new Set(nearTo(category).flatMap((name) => this.byCategory.get(name) ?? []));
		const shelf = [...numbers].sort((a, b) => a - b);
		this.shelves.set(category, shelf);
		return shelf;
	}
}
