import type { Verdict } from '../match';

/** A lamp or assembly that may go in a place. */
export interface AlternativeView {
	product: string;
	name: string;
	verdict: Verdict;
	/** Price of one in its cheapest pack, minor units; null when it is not sold. */
	price: number | null;
	/** What is wanted, or not known, in words. */
	reason: string | null;
	/** What an assembly does away with, in words. */
	replaces?: string;
	current: boolean;
	forbidden: boolean;
}

/** A place of a kit that somebody looks at. */
export interface PlaceView {
	socket: string;
	name: string;
	/** True when a person decided here. */
	fixed: boolean;
	/** Name of the lamp in it; null when it is open. */
	line: string | null;
	/** All places its line serves. */
	places: { socket: string; name: string }[];
	alternatives: AlternativeView[];
}
