import { amount } from '../../quantity';
import type { KitChoices } from '../choices/choices';
import { Builder, type Demand, type KitProgram, type Variation } from './builder';
import { addAccess } from './access';
import { addConsumables } from './consumables';
import { addLamps } from './lamps';
import { addAlong, addNeeds } from './needs';
import { addOutputs } from './outputs';
import { addPacks } from './packs';
import { addCuts, addWithout } from './repeats';
import { addWhites } from './whites';

export type {
	CutTerm,
	Demand,
	KitProgram,
	LampVariable,
	PackVariable,
	PartPurpose,
	PartVariable,
	ProgramInput,
	Variation
} from './builder';
export { isOutside } from './consumables';

/** Every part of the model, in the order it is built. A new one is a file here and an entry in this list. */
const PARTS: readonly ((b: Builder) => void)[] = [
	addLamps,
	addNeeds,
	addAlong,
	addOutputs,
	addAccess,
	addWhites,
	addConsumables,
	addPacks,
	addBudget,
	addWithout,
	addCuts
];

function addBudget(b: Builder): void {
	const { budget } = b.input.order;
	if (budget === undefined) return;
	const demand: Demand = { kind: 'budget', id: '', words: `the budget of ${amount(budget, b.input.shop.currency)}` };
	b.constrain(
		b.packs.map((p) => [p.pack.price, p.name]),
		{ sense: '<=', bound: budget },
		demand
	);
}

/** Builds the mixed-integer program of what may be chosen. */
export function kitProgram(choices: KitChoices, variation: Variation = {}): KitProgram {
	const b = new Builder({ ...choices, ...variation });
	for (const add of PARTS) add(b);
	const { variables, constraints, lamps, assemblies, packs, left, mismatches, consumed, short, demands } = b;
	const parts = [...b.parts.values()];
	return {
		program: { variables, constraints },
		lamps,
		assemblies,
		parts,
		packs,
		consumed,
		short,
		left,
		mismatches,
		demands
	};
}
