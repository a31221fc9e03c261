import type { Product, Socket } from '../model';
import type { Mount } from '../lamps';
import { assume, assumedValue, type Assumed, type Assumption } from '../quantity';

type Cooling = NonNullable<Product['cooling']>;
export type CapState = 'open' | 'ported' | 'extended' | 'sealed';

/** A quantity nobody knows better than from here to there. */
export interface Range {
	low: number;
	middle: number;
	high: number;
}

const ENDS = ['low', 'middle', 'high'] as const satisfies readonly (keyof Range)[];

/** Thermal resistance from lamp body to the air around it, K/W, by body: estimates from typical readings. */
const RESISTANCE = {
	'small-wedge': [18, 25, 35],
	'small-bayonet': [15, 20, 28],
	festoon: [16, 22, 30],
	'large-wedge': [12, 17, 24],
	'wedge-21': [8, 12, 16],
	'bayonet-21': [8, 12, 16],
	'flange-none': [4.5, 6, 8],
	'flange-fins': [2.5, 3.5, 5],
	'flange-strap': [2, 2.8, 4],
	'flange-fan': [1.2, 2, 3]
} as const satisfies Record<string, readonly [number, number, number]>;

type Body = keyof typeof RESISTANCE;

/** What fins, a strap or a fan leave of the thermal resistance of a body without a flange. */
const COOLED: Record<Cooling, number> = { none: 1, fins: 0.75, strap: 0.75, fan: 0.5 };

/** Time in which a body has taken on 63 % of its rise, s. Middle of what is seen. */
const TIME_CONSTANT = { flange: 300, bayonet: 180, 'large-wedge': 180, wedge: 90, festoon: 90 } as const;

/** Factor on the thermal resistance by what closes the back of the lamp. */
const CAP_FACTOR: Record<CapState, number> = { open: 1, ported: 1.1, extended: 1.3, sealed: 1.6 };

/** Air inside the lamp, C, by place. */
const AMBIENT = {
	front: [40, 52, 65],
	side: [25, 35, 45],
	rear: [30, 40, 50],
	roof: [25, 35, 45],
	cabin: [25, 35, 45],
	luggage: [25, 35, 45],
	cluster: [25, 38, 50],
	engine: [50, 65, 85],
	plate: [25, 35, 45],
	'beside-halogen': [60, 72, 85]
} as const satisfies Record<Socket['zone'] | 'plate' | 'beside-halogen', readonly [number, number, number]>;

/** A place as far as the air in its lamp goes. */
export type AirPlace = keyof typeof AMBIENT;

/** An aluminium load resistor bolted to metal: the air around it, C, K/W, s, and the surface that marks what it touches, C. */
const LOAD = { ambient: 25, resistance: 7, time: 240, limit: 150 } as const;

const entries = <K extends string, V>(record: Record<K, V>) => Object.entries(record) as [K, V][];
const TYPICAL = 'default: estimate from typical readings';
const MIDDLE = 'default: middle of what is seen';

/** The three entries of a range, one for each end and the middle. */
function rangeOf(
	name: string,
	[low, middle, high]: readonly [number, number, number],
	own: Pick<Assumption, 'label' | 'unit' | 'least' | 'most'>
): Assumption[] {
	const values = { low, middle, high };
	return ENDS.map((end) => ({
		...own,
		id: `${name}.${end}`,
		label: `${own.label}, ${end}`,
		value: values[end],
		source: TYPICAL
	}));
}

/** Every assumption of the heat estimate. A shop may set its own value for each, with its source. */
export const HEAT_ASSUMPTIONS: readonly Assumption[] = [
	...entries(AMBIENT).flatMap(([place, range]) =>
		rangeOf(`heat.ambient.${place}`, range, {
			label: `Air inside lamps, ${place.replace('-', ' a lit ')}`,
			unit: 'C',
			least: -40,
			most: 120
		})
	),
	...entries(RESISTANCE).flatMap(([body, range]) =>
		rangeOf(`heat.resistance.${body}`, range, {
			label: `Thermal resistance, ${body.replace('-', ' ')}`,
			unit: 'K/W',
			least: 0.2,
			most: 200
		})
	),
	...entries(COOLED).map(([cooling, value]) => ({
		id: `heat.cooling.${cooling}`,
		label: `Thermal resistance left by cooling ${cooling}, lamps without a flange`,
		unit: '',
		value,
		least: 0.1,
		most: 1,
		source: MIDDLE
	})),
	...entries(TIME_CONSTANT).map(([body, value]) => ({
		id: `heat.time.${body}`,
		label: `Time constant, ${body.replace('-', ' ')}`,
		unit: 's',
		value,
		least: 5,
		most: 3600,
		source: MIDDLE
	})),
	...entries(CAP_FACTOR).map(([cap, value]) => ({
		id: `heat.cap.${cap}`,
		label: `Factor of a cap that is ${cap}`,
		unit: '',
		value,
		least: 1,
		most: 4,
		source: MIDDLE
	})),
	{
		id: 'heat.limit',
		label: 'Body temperature every LED bears, where its maker names none',
		unit: 'C',
		value: 85,
		least: 40,
		most: 200,
		source: 'default: usual rating of capacitors and chips'
	},
	{
		id: 'heat.load.ambient',
		label: 'Air around a load resistor',
		unit: 'C',
		value: LOAD.ambient,
		least: -40,
		most: 120,
		source: MIDDLE
	},
	{
		id: 'heat.load.resistance',
		label: 'Thermal resistance of a load resistor bolted to metal',
		unit: 'K/W',
		value: LOAD.resistance,
		least: 0.5,
		most: 50,
		source: MIDDLE
	},
	{
		id: 'heat.load.time',
		label: 'Time constant of a load resistor',
		unit: 's',
		value: LOAD.time,
		least: 5,
		most: 3600,
		source: MIDDLE
	},
	{
		id: 'heat.load.limit',
		label: 'Surface of a load resistor that marks what it touches',
		unit: 'C',
		value: LOAD.limit,
		least: 60,
		most: 300,
		source: MIDDLE
	}
];

/** The defaults of the heat estimate. */
export const HEAT_DEFAULTS: Assumed = assume(HEAT_ASSUMPTIONS);

/** A range among assumptions, by its name. */
export function assumedRange(assumed: Assumed, name: string): Range {
	const [low, middle, high] = ENDS.map((end) => assumedValue(assumed, `${name}.${end}`));
	return { low: low ?? 0, middle: middle ?? 0, high: high ?? 0 };
}

/** A lamp as far as its heat goes: how it is held, and the width of its glass, mm. */
export interface LampBody {
	mount: Mount;
	diameter?: number | undefined;
}

/** Glass at least this wide is of the 16 mm kind, and of the 21 W kind, mm. */
const LARGE_WEDGE_MM = 14;
const WEDGE_21_MM = 20.1;
const BAYONET_21_MM = 22;

function bodyOf({ mount, diameter = 0 }: LampBody, cooling: Cooling): Body {
	switch (mount) {
		case 'flange':
			return `flange-${cooling}`;
		case 'festoon':
			return 'festoon';
		case 'bayonet':
			return diameter >= BAYONET_21_MM ? 'bayonet-21' : 'small-bayonet';
		case 'wedge':
			if (diameter >= WEDGE_21_MM) return 'wedge-21';
			return diameter >= LARGE_WEDGE_MM ? 'large-wedge' : 'small-wedge';
		default:
			return mount satisfies never;
	}
}

/** Thermal resistance of a lamp in free air, K/W, from a lucky one to an unlucky one. */
export function bodyResistance(lamp: LampBody, cooling: Product['cooling'], assumed: Assumed): Range {
	const kind = cooling ?? 'none';
	const range = assumedRange(assumed, `heat.resistance.${bodyOf(lamp, kind)}`);
	const left = lamp.mount === 'flange' ? 1 : assumedValue(assumed, `heat.cooling.${kind}`);
	return { low: range.low * left, middle: range.middle * left, high: range.high * left };
}

/** The name of the thermal resistance of a lamp among the assumptions. */
export function resistanceName(lamp: LampBody, cooling: Product['cooling']): string {
	return `heat.resistance.${bodyOf(lamp, cooling ?? 'none')}`;
}

/** Which assumption gives the time constant of a lamp, s. */
export function timeConstantId({ mount, diameter = 0 }: LampBody): string {
	return `heat.time.${mount === 'wedge' && diameter >= LARGE_WEDGE_MM ? 'large-wedge' : mount}`;
}

/** The name of the air inside a lamp among the assumptions. */
export function ambientName(place: AirPlace): string {
	return `heat.ambient.${place}`;
}

/** What closes the back of a lamp today. Without a word about the cap, a headlamp is taken as sealed. */
export function capState(cap: Socket['cap'], mount: Mount): CapState {
	return mount !== 'flange' || cap?.kind === 'none' ? 'open' : 'sealed';
}

/** The factor of a cap. */
export function capFactor(cap: CapState, assumed: Assumed): number {
	return assumedValue(assumed, `heat.cap.${cap}`);
}
