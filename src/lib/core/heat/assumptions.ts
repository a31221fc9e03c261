import type { Product, Socket } from '../model';
import type { Mount } from '../lamps';
import { assume, assumedValue, type Assumed, type Assumption } from '../quantity';

type Cooling = NonNullable<Product['cooling']>;
type Body = Mount | 'large-wedge';
export type CapState = 'open' | 'ported' | 'extended' | 'sealed';

/** Thermal resistance from lamp body to the air around it, K/W, by body and cooling. Middle of what is seen. */
const RESISTANCE: Record<Body, Record<Cooling, number>> = {
	flange: { none: 6, fins: 3, strap: 2.4, fan: 1.6 },
	bayonet: { none: 16, fins: 12, strap: 12, fan: 8 },
	'large-wedge': { none: 16, fins: 12, strap: 12, fan: 8 },
	wedge: { none: 40, fins: 30, strap: 30, fan: 20 },
	festoon: { none: 35, fins: 26, strap: 26, fan: 18 }
};

/** Time in which a body has taken on 63 % of its rise, s. Middle of what is seen. */
const TIME_CONSTANT: Record<Body, number> = { flange: 300, bayonet: 180, 'large-wedge': 180, wedge: 90, festoon: 90 };

/** Factor on the thermal resistance by what closes the back of the lamp. */
const CAP_FACTOR: Record<CapState, number> = { open: 1, ported: 1.1, extended: 1.3, sealed: 1.6 };

/** Air around the lamp on a warm day, C, by zone. */
const AMBIENT: Record<Socket['zone'], number> = {
	front: 60,
	side: 45,
	rear: 45,
	roof: 45,
	cabin: 40,
	luggage: 40,
	cluster: 50,
	engine: 80
};

const entries = <K extends string, V>(record: Record<K, V>) => Object.entries(record) as [K, V][];
const MIDDLE = 'default: middle of what is seen';

/** Every assumption of the heat estimate. A shop may set its own value for each, with its source. */
export const HEAT_ASSUMPTIONS: readonly Assumption[] = [
	...entries(AMBIENT).map(([zone, value]) => ({
		id: `heat.ambient.${zone}`,
		label: `Air around lamps, ${zone}`,
		unit: 'C',
		value,
		least: -40,
		most: 120,
		source: 'default: a warm day'
	})),
	...entries(RESISTANCE).flatMap(([body, byCooling]) =>
		entries(byCooling).map(([cooling, value]) => ({
			id: `heat.resistance.${body}.${cooling}`,
			label: `Thermal resistance, ${body.replace('-', ' ')}, cooling ${cooling}`,
			unit: 'K/W',
			value,
			least: 0.2,
			most: 200,
			source: MIDDLE
		}))
	),
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
		id: 'heat.spare',
		label: 'An estimate passes with this much to spare',
		unit: 'K',
		value: 10,
		least: 0,
		most: 60,
		source: 'default: safety of an estimate'
	},
	{
		id: 'heat.over',
		label: 'An estimate refuses only when it is this much over',
		unit: 'K',
		value: 15,
		least: 0,
		most: 60,
		source: 'default: safety of an estimate'
	}
];

/** The defaults of the heat estimate. */
export const HEAT_DEFAULTS: Assumed = assume(HEAT_ASSUMPTIONS);

/** The body a lamp has as far as heat goes: the 16 mm wedges are as big as a bayonet lamp. */
function bodyOf({ mount, diameter }: { mount: Mount; diameter?: number | undefined }): Body {
	return mount === 'wedge' && (diameter ?? 0) >= 14 ? 'large-wedge' : mount;
}

/** Ids by body and cooling, put together once; matching asks for them thousands of times. */
const RESISTANCE_ID = Object.fromEntries(
	entries(RESISTANCE).map(([body, byCooling]) => [
		body,
		Object.fromEntries(entries(byCooling).map(([cooling]) => [cooling, `heat.resistance.${body}.${cooling}`]))
	])
) as Record<Body, Record<Cooling, string>>;

/** Which assumption gives the thermal resistance of a lamp in free air, K/W. */
export function resistanceId(lamp: {
	mount: Mount;
	diameter?: number | undefined;
	cooling: Product['cooling'];
}): string {
	return RESISTANCE_ID[bodyOf(lamp)][lamp.cooling ?? 'none'];
}

/** Which assumption gives the time constant of a lamp, s. */
export function timeConstantId(lamp: { mount: Mount; diameter?: number | undefined }): string {
	return `heat.time.${bodyOf(lamp)}`;
}

/** Which assumption gives the air around a lamp, C. */
export function ambientId(zone: Socket['zone']): string {
	return `heat.ambient.${zone}`;
}

/** What closes the back of a lamp today. Without a word about the cap, a headlamp is taken as sealed. */
export function capState(cap: Socket['cap'], mount: Mount): CapState {
	return mount !== 'flange' || cap?.kind === 'none' ? 'open' : 'sealed';
}

/** The factor of a cap. */
export function capFactor(cap: CapState, assumed: Assumed): number {
	return assumedValue(assumed, `heat.cap.${cap}`);
}
