import type { Configuration } from '../model';
import type { ProductCase, ViewedBy } from '../match';
import { vehicleName } from '../vehicle';
import type { Exception, Place, Planned, RuleView, Shelf, Trait, VerdictRow } from './engine';

/** What questions are asked by, of a vehicle. */
export type VehicleFacts = Pick<Configuration, 'id' | 'make' | 'model' | 'kind' | 'market' | 'years'> & {
	name: string;
};

/** A vehicle of the fleet, with its places. */
export interface CoveredVehicle extends Planned {
	facts: VehicleFacts;
	/** Places of lamp units it has, as they are named in checks. */
	units: readonly string[];
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
export const vehicleFacts = (configuration: Configuration): VehicleFacts => {
	const { id, make, model, kind, market, years } = configuration;
	return {
		id,
		name: vehicleName(configuration),
		make,
		model,
		kind,
		market,
		...(years ? { years } : {})
	};
};
