import type { FunctionId } from '../../lamps';
import type { Cover } from '../cover';

/** So many who want something for a vehicle: anything, or one function of it. */
export interface Wanted {
	configuration: string;
	/** Absent for the whole vehicle. */
	function?: FunctionId;
	count: number;
}

/** What a socket weighs, by vehicle and trait, both as numbers. */
export type Weights = (vehicle: number, trait: number) => number;

/** Every socket weighs the same. */
export const EVEN: Weights = () => 1;

/**
 * Weights of sockets by what is wanted: how often its vehicle was, and its function on it. A vehicle that nobody wants weighs nothing.
 * The same vehicle named twice counts together; a socket of two functions weighs as much as the one that is wanted more, since who wants it wants it once.
 */
export function weightsOf(
	{ vehicles, traits }: Pick<Cover, 'vehicles' | 'traits'>,
	wanted: readonly Wanted[]
): Weights {
	const numbers = new Map(vehicles.map(({ facts }, number) => [facts.id as string, number]));
	const whole = new Float64Array(vehicles.length);
	const byFunction = new Map<number, Map<string, number>>();
	for (const { configuration, function: fn, count } of wanted) {
		const vehicle = numbers.get(configuration);
		if (vehicle === undefined) continue;
		if (fn === undefined) whole[vehicle] = (whole[vehicle] ?? 0) + count;
		else {
			const own = byFunction.get(vehicle) ?? new Map<string, number>();
			byFunction.set(vehicle, own.set(fn, (own.get(fn) ?? 0) + count));
		}
	}
	return (vehicle, trait) => {
		const own = byFunction.get(vehicle);
		const asked = own && traits[trait]?.functions.reduce((most, fn) => Math.max(most, own.get(fn) ?? 0), 0);
		return (whole[vehicle] ?? 0) + (asked ?? 0);
	};
}
