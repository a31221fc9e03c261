import { VOLTS_CHARGING, VOLTS_NOMINAL } from '../quantity';

/** Resistances load resistors are sold in, ohm. */
export const STOCK_OHMS: readonly number[] = [4, 6, 8, 10, 12, 15, 20, 25, 33, 39, 50, 68, 100, 150, 220, 470];
/** Dissipations load resistors are rated for, W. */
const STOCK_RATINGS: readonly number[] = [5, 10, 15, 25, 50, 100, 150, 200];
/** A resistor is rated at least this many times its average dissipation. */
export const RATING_FACTOR = 2;

export interface ResistorSize {
	/** Highest stock value that still draws enough, ohm. */
	ohms: number;
	/** Dissipation while on at 14.4 V, W. */
	watts14v4: number;
	/** The same times the duty, W. */
	averageWatts: number;
	/** Smallest stock rating that is at least twice the average, W. */
	rating: number;
}

/**
 * Sizes a load resistor: `R <= V / (threshold x margin - present)` at 13.5 V, the next lower stock value; heat `V^2 / R` at 14.4 V.
 * Null when no load is needed, or when no stock value draws that much.
 * @param need `threshold` and `present` in A; `duty` 0 to 1; `margin` 1 or more, 1.1 when not given
 */
export function sizeResistor(need: {
	threshold: number;
	present: number;
	duty: number;
	margin?: number;
}): ResistorSize | null {
	const missing = need.threshold * (need.margin ?? 1.1) - need.present;
	if (missing <= 0) return null;
	const ohms = STOCK_OHMS.findLast((value) => value <= VOLTS_NOMINAL / missing);
	if (ohms === undefined) return null;
	const watts14v4 = VOLTS_CHARGING ** 2 / ohms;
	const averageWatts = watts14v4 * need.duty;
	const rating = STOCK_RATINGS.find((value) => value >= RATING_FACTOR * averageWatts);
	return rating === undefined ? null : { ohms, watts14v4, averageWatts, rating };
}

/**
 * True when a resistor of `ohms` and `rating` W may carry a load of this duty: rated at twice its average heat or more.
 * @param resistor `volts` charging supply, V; 14.4 when not given
 */
export function mayCarry(resistor: { ohms: number; rating: number; duty: number; volts?: number }): boolean {
	const { ohms, rating, duty, volts = VOLTS_CHARGING } = resistor;
	return rating >= (RATING_FACTOR * volts ** 2 * duty) / ohms;
}
