import type { Configuration } from '../model';

/** The supply of a vehicle, V: engine off, nominal while running, and charging. */
export interface Supply {
	/** What the vehicle is called by: 6, 12 or 24 V. */
	nominal: number;
	rest: number;
	running: number;
	charging: number;
}

/** Supplies by the nominal voltage of the vehicle, V. Source: 12 V practice 12.6 to 14.4; 24 V 24.5 to 28.8; 6 V as half of 12. */
const SUPPLIES = {
	6: { nominal: 6, rest: 6.3, running: 6.75, charging: 7.2 },
	12: { nominal: 12, rest: 12.6, running: 13.5, charging: 14.4 },
	24: { nominal: 24, rest: 24.5, running: 27, charging: 28.8 }
} as const satisfies Record<number, Supply>;

/** Kinds of vehicle whose supply has to be looked at: some have 12 V, some 24. */
const EITHER: ReadonlySet<Configuration['kind']> = new Set(['bus', 'lorry', 'trailer']);
/** Vehicles built before this may have 6 V. */
const CLASSIC_BEFORE = 1975;

type Nominal = keyof typeof SUPPLIES;

/** The supply of a nominal voltage. */
export const supplyAt = (voltage: Nominal): Supply => SUPPLIES[voltage];

/** The nominal voltage of a vehicle, V; null where it is not on record and its kind or age leaves it open. */
export function voltageOf({ voltage, kind, years }: Pick<Configuration, 'voltage' | 'kind' | 'years'>): Nominal | null {
	if (voltage !== undefined) return voltage;
	const classic = years !== undefined && years[1] < CLASSIC_BEFORE;
	return EITHER.has(kind) || classic ? null : 12;
}

/** The supply a vehicle is reckoned with; 12 V where nobody has looked, which `voltageOf` says. */
export function supplyOf(configuration: Pick<Configuration, 'voltage' | 'kind' | 'years'>): Supply {
	return supplyAt(voltageOf(configuration) ?? 12);
}
