import type { Configuration } from '../model';
import type { FieldFact, ProductCase, ViewedBy } from '../match';
import {
	exceptionsOf,
	PlaceBook,
	ProductBook,
	Shelves,
	ViewJudge,
	type Exception,
	type Place,
	type Planned,
	type RuleView,
	type Shelf,
	type Trait,
	type VerdictRow
} from './engine';

/** What questions are asked by, of a vehicle. */
export type VehicleFacts = Pick<Configuration, 'id' | 'make' | 'model' | 'kind' | 'market' | 'years'>;

/** A vehicle of the fleet, with its places. */
export interface CoveredVehicle extends Planned {
	facts: VehicleFacts;
	exceptions: readonly Exception[];
}

/** A fleet against a catalogue: which product has which verdict in which place. */
export interface Cover {
	/** Products by number. */
	products: readonly ProductCase[];
	shelfOf: (category: string) => Shelf;
	/** Places by number, the verdicts in each over its shelf, and what the rules read of them. */
	places: readonly Place[];
	rows: readonly VerdictRow[];
	views: readonly RuleView[];
	traits: readonly Trait[];
	vehicles: readonly CoveredVehicle[];
	/** What it was judged by. */
	by: ViewedBy;
}

/** The facts of a vehicle that questions are asked by. */
export const vehicleFacts = ({ id, make, model, kind, market, years }: Configuration): VehicleFacts => ({
	id,
	make,
	model,
	kind,
	market,
	...(years ? { years } : {})
});

/** Products of which something was found, by the vehicle it was found on; what was found in a lamp unit stands under every vehicle. */
export function foundOn(products: readonly ProductCase[]): (vehicle: string) => ProductCase[] {
	const onVehicle = new Map<string, Set<ProductCase>>();
	const inUnits = new Set<ProductCase>();
	const isOfUnit = (fact: FieldFact) => fact.kind === 'beam-check' && fact.check.unit !== undefined;
	for (const product of products)
		for (const fact of product.field) {
			if (isOfUnit(fact)) inUnits.add(product);
			const there = onVehicle.get(fact.configuration) ?? new Set();
			onVehicle.set(fact.configuration, there.add(product));
		}
	return (vehicle) => [...new Set([...(onVehicle.get(vehicle) ?? []), ...inUnits])];
}

/** Every configuration against every product, all at once. */
export function coverOf(
	configurations: readonly Configuration[],
	products: readonly ProductCase[],
	by: ViewedBy
): Cover {
	const book = new PlaceBook(by);
	const found = foundOn(products);
	const vehicles = configurations.map((configuration): CoveredVehicle => {
		const exceptions = exceptionsOf(configuration, found(configuration.id), by);
		return { facts: vehicleFacts(configuration), ...book.plan(configuration), exceptions };
	});
	const shelves = new Shelves(products);
	const judge = new ViewJudge(book, new ProductBook(products), by);
	const rows = book.places.map((place) => judge.row(place, shelves.for(place.category)));
	const { places, views, traits } = book;
	return { products, shelfOf: (category) => shelves.for(category), places, rows, views, traits, vehicles, by };
}
