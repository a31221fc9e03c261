import type { Configuration, Product } from '../model';
import { productCase, unitPlace, type FieldFact, type ProductCase, type ViewedBy } from '../match';
import {
	codeAt,
	emptyRow,
	exceptionsOf,
	grown,
	isNear,
	PlaceBook,
	ProductBook,
	setCode,
	Shelves,
	shelvesOf,
	ViewJudge,
	type Place,
	type RuleView,
	type Trait,
	type VerdictRow
} from './engine';
import { vehicleFacts, type Cover, type CoveredVehicle } from './cover';

/** A product by its number, and where it stands; null once its number is not used any more. */
export interface Numbered {
	number: number;
	product: ProductCase | null;
	categories: readonly string[];
}

/** All that a cover is made of, as it is kept. A place without a row is still to be judged. */
export interface KeptCover {
	views: readonly RuleView[];
	traits: readonly Trait[];
	places: readonly Place[];
	rows: readonly (VerdictRow | null)[];
	products: readonly Numbered[];
	vehicles: readonly CoveredVehicle[];
}

/** What stands under a number that is not used any more. */
const RETIRED = productCase({
	id: 'not used any more',
	maker: '',
	name: '',
	kind: 'led',
	fits: [],
	packs: [],
	withdrawn: true
} as unknown as Product);

/** The place of a lamp unit that something was found in, wherever it is fitted. */
const unitOf = (fact: FieldFact): string | undefined => (fact.kind === 'beam-check' ? fact.check.unit : undefined);

/** Places judged before somebody else gets a turn. */
const AT_A_TIME = 40;

/**
 * A cover that follows its fleet and its catalogue: a changed product is judged in the places it can enter, a changed vehicle adds the places
 * that nobody had before, and everything else stays.
 */
export class LiveCover {
	private readonly book: PlaceBook;
	private readonly products = new ProductBook();
	private readonly shelves = new Shelves();
	private readonly judge: ViewJudge;
	private readonly rows: (VerdictRow | null)[] = [];
	private readonly categories: (readonly string[])[] = [];
	private readonly numbers = new Map<string, number>();
	private readonly vehicles = new Map<string, CoveredVehicle>();

	constructor(private readonly by: ViewedBy) {
		this.book = new PlaceBook(by);
		this.judge = new ViewJudge(this.book, this.products, by);
	}

	/** Goes on from what was kept. */
	restore({ views, traits, places, rows, products, vehicles }: KeptCover): void {
		this.book.restore({ views, places, traits });
		rows.forEach((row, place) => (this.rows[place] = row));
		for (const { number, product, categories } of products) {
			if (product) this.number(number, product, categories);
			else this.retire(number, categories);
		}
		for (const vehicle of vehicles) this.vehicles.set(vehicle.facts.id, vehicle);
	}

	/** How many places there are, and how many of them wait to be judged. */
	get counts(): { places: number; due: number } {
		let due = 0;
		for (let place = 0; place < this.book.places.length; place++) if (!this.rows[place]) due += 1;
		return { places: this.book.places.length, due };
	}

	/** The tables so far, for whoever keeps them. */
	get tables(): { views: readonly RuleView[]; places: readonly Place[]; traits: readonly Trait[] } {
		return this.book;
	}

	/** The row of a place; null while it is to be judged. */
	rowOf(place: number): VerdictRow | null {
		return this.rows[place] ?? null;
	}

	/** The number of a product; undefined for one that was never put. */
	numberOf(product: string): number | undefined {
		return this.numbers.get(product);
	}

	/** A vehicle as it was put; undefined when it is not there. */
	vehicle(id: string): CoveredVehicle | undefined {
		return this.vehicles.get(id);
	}

	/** Puts a vehicle, or another state of one. */
	putVehicle(configuration: Configuration): CoveredVehicle {
		const vehicle: CoveredVehicle = {
			facts: vehicleFacts(configuration),
			...this.book.plan(configuration),
			units: [...new Set(configuration.sockets.flatMap((socket) => unitPlace(socket) ?? []))],
			exceptions: exceptionsOf(configuration, this.foundOn(configuration), this.by)
		};
		this.vehicles.set(configuration.id, vehicle);
		return vehicle;
	}

	/** Takes a vehicle out. */
	dropVehicle(id: string): void {
		this.vehicles.delete(id);
	}

	/**
	 * Puts a product, or another state of one, and judges it in the places it can enter.
	 * @param isOther judges it although nobody can tell here that it changed: what was kept is older than what was restored
	 * @returns the places whose row has changed
	 */
	putProduct(product: ProductCase, isOther = false): number[] {
		const { number, differs } = this.put(product);
		return differs || isOther ? this.column(number, this.categories[number] ?? []) : [];
	}

	/**
	 * Puts many products; the places they can enter wait to be judged.
	 * @param areOther as for one
	 * @returns the places that wait now and did not before
	 */
	putProducts(products: readonly ProductCase[], areOther = false): number[] {
		const categories = new Set<string>();
		for (const product of products) {
			const { number, differs } = this.put(product);
			if (differs || areOther) for (const category of this.categories[number] ?? []) categories.add(category);
		}
		const due: number[] = [];
		this.book.places.forEach(({ category }, place) => {
			if (!this.rows[place] || !isNear(category, [...categories])) return;
			this.rows[place] = null;
			due.push(place);
		});
		return due;
	}

	/** Takes a product out of the catalogue. */
	dropProduct(id: string): void {
		const number = this.numbers.get(id);
		if (number === undefined) return;
		this.retire(number, this.categories[number] ?? []);
		this.numbers.delete(id);
	}

	/** Vehicles on which something was found of some products, or was; they are to be put again when those change. */
	vehiclesWith(products: readonly ProductCase[]): string[] {
		const ids = new Set<string>(products.map(({ record }) => record.id));
		const on = new Set(products.flatMap(({ field }) => field.map(({ configuration }) => configuration)));
		const units = new Set(products.flatMap(({ field }) => field.flatMap((fact) => unitOf(fact) ?? [])));
		return [...this.vehicles.values()].flatMap(({ facts: { id }, exceptions, units: own }) =>
			on.has(id) || own.some((unit) => units.has(unit)) || exceptions.some(({ product }) => ids.has(product))
				? [id]
				: []
		);
	}

	/** Judges what waits to be judged, some places at a time. @yields the places just judged */
	*work(): Generator<number[]> {
		let some: number[] = [];
		for (let number = 0; number < this.book.places.length; number++) {
			if (this.rows[number]) continue;
			const place = this.book.places[number] as Place;
			this.rows[number] = this.judge.row(place, this.shelves.for(place.category));
			some.push(number);
			if (some.length < AT_A_TIME) continue;
			yield some;
			some = [];
		}
		if (some.length > 0) yield some;
	}

	/** Everything as it stands now; it does not change any more. */
	snapshot(): Cover {
		const { places, views, traits } = this.book;
		const shelves = new Map<string, readonly number[]>();
		for (const { category } of places)
			if (!shelves.has(category)) shelves.set(category, [...this.shelves.for(category)]);
		return {
			products: [...this.products.products],
			shelfOf: (category) => shelves.get(category) ?? [],
			places: [...places],
			rows: Array.from(places, (_, place) => this.rows[place] ?? emptyRow(0)),
			views: [...views],
			traits: [...traits],
			vehicles: [...this.vehicles.values()],
			by: this.by
		};
	}

	/** Puts a product under its number, or a new one where it stands elsewhere now; says whether some rule can tell that it changed. */
	private put(product: ProductCase): { number: number; differs: boolean } {
		const categories = shelvesOf(product);
		const known = this.numbers.get(product.record.id);
		if (known !== undefined && categories.join() === this.categories[known]?.join())
			return { number: known, differs: this.products.put(known, product) };
		if (known !== undefined) this.retire(known, this.categories[known] ?? []);
		const number = this.products.products.length;
		this.number(number, product, categories);
		return { number, differs: true };
	}

	private number(number: number, product: ProductCase, categories: readonly string[]): void {
		this.stand(number, product, categories);
		this.numbers.set(product.record.id, number);
	}

	/** A number that is not used any more keeps its place on the shelves; nothing is offered under it. */
	private retire(number: number, categories: readonly string[]): void {
		this.stand(number, RETIRED, categories);
	}

	private stand(number: number, product: ProductCase, categories: readonly string[]): void {
		const isNew = this.products.products[number] === undefined;
		this.products.put(number, product);
		this.categories[number] = categories;
		if (isNew) this.shelves.add(number, categories);
		this.judge.forgetShelves();
	}

	/** Judges one product in every place it can enter that was judged before. */
	private column(number: number, categories: readonly string[]): number[] {
		this.judge.forgetShelves();
		const alone = [number];
		const changed: number[] = [];
		this.book.places.forEach((place, at) => {
			const row = this.rows[at];
			if (!row || !isNear(place.category, categories)) return;
			const shelf = this.shelves.for(place.category);
			const code = codeAt(this.judge.row(place, alone), 0);
			const on = shelf.indexOf(number);
			const wide = grown(row, shelf.length);
			if (codeAt(wide, on) === code && wide === row) return;
			const fresh = wide === row ? row.slice() : wide;
			setCode(fresh, on, code);
			this.rows[at] = fresh;
			changed.push(at);
		});
		return changed;
	}

	/** Products of which something was found on a vehicle, or in a lamp unit that it has. */
	private foundOn({ id, sockets }: Configuration): ProductCase[] {
		const units = new Set(sockets.map(unitPlace));
		return this.products.products.filter(
			({ field }) =>
				field.length > 0 && field.some((fact) => fact.configuration === id || units.has(unitOf(fact) ?? 'no unit'))
		);
	}
}
