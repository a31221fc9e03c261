/** A number that is reckoned with because nobody has measured it: its default, its bounds, and where it comes from. */
export interface Assumption {
	/** Stable name, its area first. @example "heat.ambient.front" */
	id: string;
	label: string;
	unit: string;
	value: number;
	least: number;
	most: number;
	source: string;
}

/** A value a shop has set in place of a default, and why it trusts it. */
export interface SetValue {
	value: number;
	source: string;
	by?: string;
	on?: string;
}

/** What a shop has set itself, by the id of the assumption. */
export type SetValues = Readonly<Record<string, SetValue>>;

/** Every assumption with the value to reckon with. */
export type Assumed = Readonly<Record<string, number>>;

/** The values to reckon with: the shop's own where it has set one, else the defaults. Names that are no assumption are left out. */
export function assume(list: readonly Assumption[], set: SetValues = {}): Assumed {
	return Object.fromEntries(list.map(({ id, value }) => [id, set[id]?.value ?? value]));
}

/** The value of an assumption. @throws Error when the list it was made from does not hold it, which is a fault of the code. */
export function assumedValue(values: Assumed, id: string): number {
	const value = values[id];
	if (value === undefined) throw new Error(`There is no assumption "${id}".`);
	return value;
}

/** The values to reckon with for what a shop has set, by a list of assumptions; worked out once for each set. */
export function assumedFrom(list: readonly Assumption[]): (set: SetValues | undefined) => Assumed {
	const defaults = assume(list);
	const cache = new WeakMap<SetValues, Assumed>();
	return (set) => {
		if (!set) return defaults;
		const cached = cache.get(set) ?? assume(list, set);
		cache.set(set, cached);
		return cached;
	};
}
