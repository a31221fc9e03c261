import type { Balance } from '../exchange';

/** What a thing costs beyond its price, in minor units, so that a solver can weigh it. */
export interface Weights {
	/** For all the light missing from 100 % of the filament lamp's, per lamp. */
	light: number;
	/** For each accessory that has to be fitted. */
	part: number;
	/** For each watt a load turns to heat on average. */
	heat: number;
}

/** Weights by named balance. Assumptions of the shop's trade; a new balance is one entry here and one name in the schema. */
export const BALANCE_WEIGHTS: Record<Balance, Weights> = {
	price: { light: 0, part: 0, heat: 20 },
	light: { light: 4000, part: 0, heat: 20 },
	ease: { light: 0, part: 1500, heat: 20 }
};
