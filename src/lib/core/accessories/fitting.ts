import type { CircuitEffect, FittedPart } from '../circuit';
import type { Accessory, Configuration } from '../model';
import type { LampCategory } from '../lamps';
import { strategyOf } from './kinds';
import { plugsIn } from './kinds/flasher';
import { forFamily } from './made-for';
import type { Need } from './need';

/** Where on the vehicle a part is fitted: at a socket, on a channel, or for the whole vehicle when neither is named. */
export interface PartPlace {
	socket?: string;
	channel?: string;
}

/** An accessory as the circuit sees it in a place of a vehicle: a flasher that does not plug in there changes nothing. */
export function fittedPart(accessory: Accessory, configuration: Configuration, place: PartPlace = {}): FittedPart {
	const effect = strategyOf(accessory).effect(accessory);
	const idle = effect?.kind === 'steady-flasher' && !plugsIn(accessory, configuration);
	return { accessory, effect: idle ? null : effect, ...place };
}

/** Resistance of an accessory that is a load in the circuit, ohm; null for every other one. */
export function loadOhms(accessory: Accessory): number | null {
	const effect = strategyOf(accessory).effect(accessory);
	return effect?.kind === 'load' ? effect.ohms : null;
}

/** True when an accessory does this in a circuit. */
export function hasEffect(accessory: Accessory, kind: CircuitEffect['kind']): boolean {
	return strategyOf(accessory).effect(accessory)?.kind === kind;
}

/** An accessory without categories or vehicle families suits all of them. */
export function suits(accessory: Accessory, category: LampCategory, configuration: Configuration): boolean {
	const { categories, families } = accessory.fits ?? {};
	const byCategory = categories?.some((name) => name === category.category || category.aka.includes(name)) ?? true;
	return byCategory && forFamily(families, configuration);
}

/** True when an accessory can turn a need into a pass on a vehicle. */
export function answers(accessory: Accessory, need: Need, configuration: Configuration): boolean {
	return strategyOf(accessory).answers(accessory, need, configuration);
}

/** Accessories that can turn a need into a pass. For a load they can carry it; how many it takes is for the kit to work out. */
export function partsFor(
	need: Need,
	where: { category: LampCategory; configuration: Configuration },
	accessories: readonly Accessory[]
): Accessory[] {
	return accessories.filter(
		(a) => suits(a, where.category, where.configuration) && answers(a, need, where.configuration)
	);
}

/** An LED flasher that does for an output: in place of a plug-in unit with the same pins that counts this output. */
export function replacesFlasher(accessory: Accessory, channel: string, configuration: Configuration): boolean {
	return (
		hasEffect(accessory, 'steady-flasher') && answers(accessory, { kind: 'load', channel, duty: 0.5 }, configuration)
	);
}
