import { boxCheck } from './box';
import { circuitCheck } from './circuit';
import { consumablesCheck } from './consumables';
import type { Check, KitCheck } from './facts';
import { fitCheck } from './fit';
import { placesCheck } from './places';
import { whitesCheck } from './whites';

export type { KitCheck } from './facts';

/** Every check of what a kit is, beside its box. A new one is a file here and an entry in this list. */
const CHECKS: readonly Check[] = [placesCheck, fitCheck, circuitCheck, whitesCheck, consumablesCheck];

/**
 * Checks a finished kit on its own, without the program that made it: places, packs, sums, Match, Circuit, whites and consumables.
 * @returns what is wrong, one sentence each; empty when the kit holds
 */
export function checkKit(kit: KitCheck): string[] {
	return [...boxCheck(kit), ...checkBesideBox(kit)];
}

/** The same without packs, prices and the shelf: whether the kit would still be put together so, whatever it costs by now. */
export function checkBesideBox(kit: KitCheck): string[] {
	return CHECKS.flatMap((check) => check(kit));
}
