import type { Configuration, Socket } from '../../model';
import {
	PLACE_FACTS,
	factsOfPlace,
	RULE_IDS,
	socketCase,
	type PlaceView,
	type SocketCase,
	type ViewedBy
} from '../../match';
import { voltageOf } from '../../vehicle';
import { Numbers } from './numbers';

/** A place that one or many sockets are: what each rule reads of it, by the numbers of the views. */
export interface Place {
	category: string;
	/** Number of a view for each rule, in the order of the rules. */
	views: readonly number[];
	/** The same place by every other value of an open fact, by their numbers; null where nothing could be matched by it. */
	others: readonly (number | null)[];
}

/** What one rule reads of some places. */
export interface RuleView {
	rule: number;
	view: PlaceView;
}

const READS = RULE_IDS.map(factsOfPlace);
const FACTS = [...new Set(READS.flat())];
const AT = READS.map((reads) => reads.map((fact) => FACTS.indexOf(fact)));

/** What questions are asked by, of a socket: what it is for and where, and whether anything can be put into it. */
export interface Trait {
	zone: Socket['zone'];
	functions: Socket['functions'];
	/** Factory LED or sealed: there is no lamp to change. */
	closed: boolean;
}

/** The sockets of a vehicle, in the order of its record: number of the place, -1 where nothing can be matched, and number of the trait. */
export interface Planned {
	places: Int32Array;
	traits: Uint16Array;
}

/** A socket that has no place: there is no lamp to change, or nobody knows which. */
export const NO_PLACE = -1;

/** Vehicles remembered as wholes: sisters come one after another. */
const SISTERS = 2000;

/** What is asked of a vehicle by the rules, as text: equal for sisters that no rule can tell apart. */
function likeness(configuration: Configuration, named: ReadonlySet<string>): string {
	const { id, make, model, names, generation, years, body, tells, options, access, walk, absent, steering, ...rest } =
		configuration;
	void [id, names, generation, body, tells, options, access, walk, absent, steering];
	const name = `${make} ${model}`;
	return JSON.stringify([rest, voltageOf({ ...configuration, years }), named.has(name) ? name : null]);
}

/**
 * Every place of a fleet once. Sockets that no rule can tell apart are one place; a place is kept as the views of its rules, which are fewer
 * still, since each rule reads little. Books are filled from what is kept in a database, or from nothing.
 */
export class PlaceBook {
	readonly places: Place[] = [];
	readonly views: RuleView[] = [];
	readonly traits: Trait[] = [];
	private readonly placeNumbers = new Map<string, number>();
	private readonly viewNumbers = new Map<string, number>();
	private readonly values = FACTS.map(() => new Numbers());
	private readonly sisters = new Map<string, Planned>();
	private readonly traitNumbers = new Numbers();
	private readonly named: ReadonlySet<string>;

	constructor(private readonly by: ViewedBy) {
		this.named = new Set(by.shop.accessories.flatMap(({ fits }) => fits?.families ?? []));
	}

	/** Takes in what was kept: views, places and traits in the order of their numbers. */
	restore({
		views,
		places,
		traits
	}: {
		views: readonly RuleView[];
		places: readonly Place[];
		traits: readonly Trait[];
	}): void {
		for (const { rule, view } of views) {
			const values = FACTS.map((fact) => view[fact]);
			this.viewOf(rule, { at: AT[rule] ?? [], values, numbers: this.numbersOf(values) });
		}
		for (const place of places) this.add(place);
		for (const trait of traits) this.traitNumber(trait);
	}

	/** The places of a vehicle. Sisters that no rule can tell apart share them. */
	plan(configuration: Configuration): Planned {
		const key = likeness(configuration, this.named);
		const known = this.sisters.get(key);
		if (known) return known;
		const { shop, through } = this.by;
		const planned: Planned = {
			places: Int32Array.from(configuration.sockets, (socket) => {
				const prepared = socketCase(configuration, socket, { shop, through });
				return prepared ? this.placeOf(prepared) : NO_PLACE;
			}),
			traits: Uint16Array.from(configuration.sockets, ({ zone, functions, state }) =>
				this.traitNumber({ zone, functions, closed: state !== 'filament' })
			)
		};
		const [oldest] = this.sisters.keys();
		if (this.sisters.size >= SISTERS && oldest !== undefined) this.sisters.delete(oldest);
		this.sisters.set(key, planned);
		return planned;
	}

	private traitNumber(trait: Trait): number {
		const number = this.traitNumbers.of(trait);
		this.traits[number] ??= trait;
		return number;
	}

	private placeOf(prepared: SocketCase): number {
		const values = FACTS.map((fact) => PLACE_FACTS[fact].of(prepared));
		const numbers = this.numbersOf(values);
		const views = AT.map((at, rule) => this.viewOf(rule, { at, values, numbers }));
		const others = prepared.others.map(({ case: other }) => other && this.placeOf(other));
		return this.add({ category: prepared.category.category, views, others });
	}

	private numbersOf(values: readonly unknown[]): number[] {
		return values.map((value, i) => this.values[i]?.of(value) ?? 0);
	}

	private viewOf(
		rule: number,
		{ at, values, numbers }: { at: readonly number[]; values: readonly unknown[]; numbers: readonly number[] }
	): number {
		let key = `${rule}`;
		for (const i of at) key += ` ${numbers[i] ?? 0}`;
		const known = this.viewNumbers.get(key);
		if (known !== undefined) return known;
		this.viewNumbers.set(key, this.views.length);
		this.views.push({ rule, view: Object.fromEntries(at.map((i) => [FACTS[i], values[i]])) });
		return this.views.length - 1;
	}

	private add(place: Place): number {
		const key = `${place.views.join()} ${place.others.join()}`;
		const known = this.placeNumbers.get(key);
		if (known !== undefined) return known;
		this.placeNumbers.set(key, this.places.length);
		this.places.push(place);
		return this.places.length - 1;
	}
}
