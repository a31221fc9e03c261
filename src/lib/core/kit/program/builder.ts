import type { NeedKind, PartPlace } from '../../accessories';
import type { Accessory, Pack, Product } from '../../model';
import type { AssemblyOption } from '../choices/assemblies';
import type { Bundle } from '../choices/bundle';
import type { KitChoices } from '../choices/choices';
import type { Option } from '../choices/group';
import type { Constraint, Program, Variable } from '../../solver';

/** What a demand is about. */
export type DemandKind = 'budget' | 'whole' | 'fixed' | 'part' | 'output' | 'fuse' | 'stock';

/** A demand on the kit that a person can name, and take back. */
export interface Demand {
	kind: DemandKind;
	/** What it is about within its kind; constraints of one demand share kind and id. */
	id: string;
	/** @example "the budget of 50.00" */
	words: string;
}

/** How many groups of a bundle get a lamp: for a lone group, whether it does. */
export interface LampVariable {
	name: string;
	/** First socket and product, the same in every program of a kit. */
	key: string;
	group: Bundle;
	option: Option;
}

/** An assembly chosen in place of lamps. */
export interface AssemblyVariable {
	name: string;
	key: string;
	assembly: AssemblyOption;
}

/** What a part is bought for: a need of a lamp, the flash rate of the vehicle, or the mounting of an assembly. */
export type PartPurpose = NeedKind | 'flash-rate' | 'mounting';

/** Pieces of an accessory put in one place. */
export interface PartVariable {
	name: string;
	/** Accessory and place, the same in every program of a kit. */
	key: string;
	accessory: Accessory;
	/** What it is there for. */
	purpose: PartPurpose;
	/** Places for its pieces, one each, in the order they are taken; the last one stands for all further pieces. */
	places: PartPlace[];
	/** Sockets it helps. */
	sockets: Set<string>;
	/** Most pieces that go there. */
	max: number;
}

/** A consumable, and how much of a piece each variable uses up. */
export interface Consumed {
	accessory: Accessory;
	per: NonNullable<Accessory['use']>['per'];
	terms: [number, string][];
	/** Pieces that are used up in any case. */
	fixed: number;
	/** Pieces at the most. */
	most: number;
}

/** Packs bought. */
export interface PackVariable {
	name: string;
	item: Product | Accessory;
	pack: Pack;
}

/** A program together with what its variables mean. */
export interface KitProgram {
	program: Program;
	lamps: LampVariable[];
	assemblies: AssemblyVariable[];
	parts: PartVariable[];
	packs: PackVariable[];
	consumed: Consumed[];
	/** Pieces of consumables that are not on the shelf. */
	short: { name: string; accessory: Accessory }[];
	/** How many groups of a bundle are left open. */
	left: { name: string; group: Bundle }[];
	/** How many groups stand out with their white beside their neighbours. */
	mismatches: { name: string; sockets: string[]; sight: string }[];
	/** Which demand a constraint belongs to, by its name. */
	demands: ReadonlyMap<string, Demand>;
}

/** How a program differs from the plain one of its choices. */
export interface Variation {
	/**
	 * True when every group that has options is taken to be served, so that what is used by the socket or the kit is a number and ties no
	 * places together. It holds only for an answer that leaves none of them open.
	 */
	allServed?: boolean;
	/** Which demands are lifted. */
	lifted?: (demand: Demand) => boolean;
	/** Kits not to be repeated, each as keys of lamps and assemblies. */
	without?: readonly (readonly string[])[];
	/** Choices and parts that together brought a complaint in the circuit. */
	cuts?: readonly (readonly CutTerm[])[];
}

/** What a program is built from. */
export interface ProgramInput extends KitChoices, Variation {}

/** What some choices or a part were when a cut was made: lamps the circuit cannot tell apart or an assembly by key, a part by accessory and place. */
export interface CutTerm {
	keys: readonly string[];
	/** How many of them together. */
	value: number;
}

/** Builds the program of a kit step by step. */
export class Builder {
	readonly variables: Variable[] = [];
	readonly constraints: Constraint[] = [];
	readonly lamps: LampVariable[] = [];
	readonly assemblies: AssemblyVariable[] = [];
	readonly parts = new Map<string, PartVariable>();
	readonly packs: PackVariable[] = [];
	readonly left: KitProgram['left'] = [];
	readonly mismatches: KitProgram['mismatches'] = [];
	readonly consumed: Consumed[] = [];
	readonly short: KitProgram['short'] = [];
	readonly demands = new Map<string, Demand>();

	constructor(readonly input: ProgramInput) {}

	/** Adds a constraint, unless the demand it belongs to is lifted. */
	constrain(
		terms: Constraint['terms'],
		{ sense, bound }: { sense: Constraint['sense']; bound: number },
		demand?: Demand
	): void {
		if (demand && this.input.lifted?.(demand)) return;
		const name = `c${this.constraints.length}`;
		this.constraints.push({ name, terms, sense, bound });
		if (demand) this.demands.set(name, demand);
	}

	/** A new yes-or-no variable. */
	binary(name: string, cost: number): string {
		this.variables.push({ name, cost, kind: 'binary' });
		return name;
	}

	/** A new count from 0 to `max`. */
	count(name: string, cost: number, max: number): string {
		if (max === 1) return this.binary(name, cost);
		this.variables.push({ name, cost, kind: 'integer', max });
		return name;
	}

	/** The variable that counts pieces of an accessory in a place, made on first use; `cost` is what a piece is weighed by. */
	part(
		accessory: Accessory,
		place: string,
		made: () => Omit<PartVariable, 'name' | 'key' | 'accessory'> & { cost: number }
	): PartVariable {
		const key = `${accessory.id}@${place}`;
		const known = this.parts.get(key);
		if (known) return known;
		const { cost, ...rest } = made();
		const part: PartVariable = { ...rest, name: `w${this.parts.size}`, key, accessory };
		this.parts.set(key, part);
		this.count(part.name, cost, part.max);
		return part;
	}
}
