import type { RuleFamily } from '../lamps';
import { VEHICLE_KINDS, type Accessory, type Configuration, type Product } from '../model';
import { chanceFrom } from './chance';
import { papersOf, type MadePaper } from './documents/papers';
import { lampsFor } from './shelf/lamps';
import { partsFor } from './shelf/parts';
import { DIFFICULTY, LEVELS, type Level } from './vehicle/difficulty';
import { makeVehicle } from './vehicle/make-vehicle';
import { waysIn } from './vehicle/ways';
import type { MadeKind } from './vehicle/places';

/** A made vehicle: what is true, what its papers say, and a shelf to fit it from. */
export interface Made {
	seed: number;
	level: Level;
	truth: Configuration;
	papers: MadePaper[];
	products: Product[];
	accessories: Accessory[];
}

/** What may be wished of a made vehicle; chance decides the rest. */
export interface MadeOptions {
	kind?: MadeKind | undefined;
	level?: Level | undefined;
}

/** How often each kind is made. */
const KINDS: readonly MadeKind[] = ['car', 'car', 'car', 'car', ...VEHICLE_KINDS];
/** The way in is drawn apart, so that a change to it changes nothing else of a vehicle. */
const APART = 1_000_000_007;
const FAMILIES: readonly RuleFamily[] = ['UN', 'UN', 'US'];

/**
 * A whole invented vehicle from a seed: the same seed and options give the same one.
 * @param seed a whole number
 */
export function make(seed: number, { kind, level }: MadeOptions = {}): Made {
	const chance = chanceFrom(seed);
	const drawn = { kind: chance.pick(KINDS), level: chance.pick(LEVELS), family: chance.pick(FAMILIES) };
	const wish = { kind: kind ?? drawn.kind, level: level ?? drawn.level };
	const truth = waysIn(
		makeVehicle(`practice-${seed}`, { ...wish, family: drawn.family }, chance),
		chanceFrom(seed + APART)
	);
	return {
		seed,
		level: wish.level,
		truth,
		papers: papersOf(truth, DIFFICULTY[wish.level], chance),
		products: lampsFor(truth, chance),
		accessories: partsFor(truth)
	};
}
