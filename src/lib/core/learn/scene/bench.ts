import type { Fault, Fitted } from '../../circuit';
import type { Accessory, Configuration, Product } from '../../model';

/** A vehicle and what is fitted to it: what Circuit is asked about. */
export interface Bench {
	configuration: Configuration;
	fitted: Fitted;
}

/** What a complaint is about: the vehicle as recorded, what should be fitted, and what the shop sells. */
export interface Scene extends Bench {
	products: readonly Product[];
	accessories: readonly Accessory[];
}

/** Lamps are tried at once, and again when everything is warm. */
export type When = 'cold' | 'warm';

/** A vehicle in which something is otherwise than recorded. */
export type Alter = (bench: Bench, when: When) => Bench;

export const asRecorded: Alter = (bench) => bench;

/** The same with one fault more. */
export const withFault =
	(fault: Fault): Alter =>
	({ configuration, fitted }) => ({
		configuration,
		fitted: { ...fitted, faults: [...fitted.faults, fault] }
	});

/** One change after the other. */
export const both =
	(first: Alter, second: Alter): Alter =>
	(bench, when) =>
		second(first(bench, when), when);
