import type { CircuitEffect } from '../circuit';
import type { Accessory, Configuration } from '../model';
import type { Need } from './need';

/** What consumables are counted by when a part of this kind is fitted. */
export type ConsumedBy = 'module' | 'load';

/** Everything that depends on the kind of an accessory. */
export interface AccessoryStrategy {
	/** What one is called in a sentence. */
	label: string;
	/** True when it can turn this need into a pass on this vehicle. Category and vehicle family are looked at apart. */
	answers: (accessory: Accessory, need: Need, configuration: Configuration) => boolean;
	/** What it is in the circuit; null for a part that carries no current, or whose data do not say. */
	effect: (accessory: Accessory) => CircuitEffect | null;
	/** Work to fit one beside the lamp, min. Assumptions of the trade. */
	minutes: number;
	/** What the hand does to fit one, in order. */
	hand: readonly string[];
	/** True when it goes in before its lamp. */
	first?: true;
	/** What its consumables are counted by; null when fitting it uses up nothing. */
	consumedBy: ConsumedBy | null;
	/** What to mind where the hand is; empty when nothing hurts. */
	caution: string;
}

/** A part that does nothing in the circuit and answers no need of a lamp by itself. */
export const PLAIN: Omit<AccessoryStrategy, 'label' | 'minutes' | 'hand'> = {
	answers: () => false,
	effect: () => null,
	consumedBy: null,
	caution: ''
};
