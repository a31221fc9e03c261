import type { Accessory, Configuration, Pack, Product } from '../../exchange';
import type { Remedy, Shop } from '../../match';
import type { Weights } from '../balance';
import type { Group, Option } from '../options';
import type { Constraint, Program, Variable } from '../solver';

/** A lamp chosen for a group of sockets. */
export interface LampVariable {
	name: string;
	/** Group and product, the same in every program of a kit. */
	key: string;
	group: Group;
	option: Option;
}
/** An accessory put in one place: a socket, a channel, a side, or the vehicle. */
export interface PartVariable {
	name: string;
	accessory: Accessory;
	place: string;
	/** What it solves there. */
	solves: string;
	/** Sockets it stands at, and the output it hangs on if it is a load. */
	sockets: Set<string>;
	output: string | null;
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
	parts: PartVariable[];
	packs: PackVariable[];
	/** Binary per group that may be left open, 1 when it is. */
	left: { name: string; group: Group }[];
}

/** Builds the program of a kit step by step. */
export class Builder {
	readonly variables: Variable[] = [];
	readonly constraints: Constraint[] = [];
	readonly lamps: LampVariable[] = [];
	readonly parts = new Map<string, PartVariable>();
	readonly packs: PackVariable[] = [];
	readonly left: KitProgram['left'] = [];

	constructor(
		readonly configuration: Configuration,
		readonly shop: Shop,
		readonly weights: Weights
	) {}

	constrain(terms: Constraint['terms'], sense: Constraint['sense'], bound: number): void {
		this.constraints.push({ name: `c${this.constraints.length}`, terms, sense, bound });
	}

	/** The variable that puts an accessory in a place, made on first use. */
	part(
		accessory: Accessory,
		place: string,
		solves: string,
		at: { sockets?: readonly string[]; output?: string; heat?: number } = {}
	): string {
		const key = `${accessory.id}@${place}`;
		const found = this.parts.get(key) ?? {
			name: `w${this.parts.size}`,
			accessory,
			place,
			solves,
			sockets: new Set<string>(),
			output: at.output ?? null
		};
		if (!this.parts.has(key)) {
			this.parts.set(key, found);
			const cost = Math.round(this.weights.part + this.weights.heat * (at.heat ?? 0));
			this.variables.push({ name: found.name, cost, kind: 'binary' });
		}
		for (const socket of at.sockets ?? []) found.sockets.add(socket);
		return found.name;
	}
}

/** What a part answers, by the need it meets. */
export const SOLVES: Record<Remedy['kind'], string> = {
	load: 'lamp-out message or fast flashing',
	'pwm-module': 'pulsed feed',
	cap: 'room and heat behind the lamp',
	adapter: 'holder of the lamp housing'
};
