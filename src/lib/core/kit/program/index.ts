import type { Configuration } from '../../exchange';
import type { Shop } from '../../match';
import type { Weights } from '../balance';
import type { Group } from '../options';
import { Builder, type KitProgram } from './builder';
import { addChannels } from './channels';
import { addLamps } from './lamps';
import { addNeeds } from './needs';
import { addPacks } from './packs';

export type { KitProgram, LampVariable, PackVariable, PartVariable } from './builder';

/**
 * Builds the mixed-integer program of a kit.
 * @param leaving cost of leaving a socket of weight 1 open, minor units; null when none with options may be left
 * @param budget most the packs may cost, minor units
 * @param without choices not to be repeated, each a list of lamp variable keys: for runners-up
 */
export function kitProgram(input: {
	configuration: Configuration;
	shop: Shop;
	groups: readonly Group[];
	weights: Weights;
	leaving: number | null;
	budget?: number;
	without?: readonly (readonly string[])[];
}): KitProgram {
	const b = new Builder(input.configuration, input.shop, input.weights);
	addLamps(b, input.groups, input.leaving);
	addNeeds(b);
	addChannels(b);
	addPacks(b);
	if (input.budget !== undefined)
		b.constrain(
			b.packs.map((p) => [p.pack.price, p.name]),
			'<=',
			input.budget
		);
	for (const keys of input.without ?? []) {
		const chosen = b.lamps.filter((lamp) => keys.includes(lamp.key));
		b.constrain(
			chosen.map((lamp) => [1, lamp.name]),
			'<=',
			keys.length - 1
		);
	}
	const { variables, constraints, lamps, packs, left } = b;
	return { program: { variables, constraints }, lamps, parts: [...b.parts.values()], packs, left };
}
