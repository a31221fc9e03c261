import type { Accessory, Configuration } from '../model';
import { supplyOf } from '../vehicle';

/** True when a part is made for the vehicle, or names no family. */
export function forFamily(families: readonly string[] | undefined, { make, model }: Configuration): boolean {
	return families?.includes(`${make} ${model}`) ?? true;
}

/** True when an electric part works on the vehicle's supply at its lowest and its highest; one that names no range is made for 12 V. */
export function worksOn(volts: Accessory['volts'], configuration: Configuration): boolean {
	const { nominal, rest, charging } = supplyOf(configuration);
	if (!volts) return nominal === 12;
	const [from, to] = volts;
	return from === to ? from === nominal : from <= rest && to >= charging;
}
