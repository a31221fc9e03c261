import { supplyOf } from '../../vehicle';
import { accessory, type Accessory, type Configuration } from '../../model';

const BEAMS: ReadonlySet<string> = new Set(['low-beam', 'high-beam', 'fog', 'drl']);
/** Loads on the shelf: resistance, ohm, and rating, W. */
const LOADS_12_V = [
	[3, 150],
	[4, 100],
	[5, 100],
	[6, 100],
	[8, 50],
	[10, 50],
	[15, 50],
	[25, 50],
	[50, 50]
] as const;
const LOADS_24_V = [
	[12, 200],
	[15, 150],
	[20, 100],
	[25, 100],
	[35, 50],
	[50, 50],
	[80, 25]
] as const;
/** What parts for a supply of 12 and 24 V bear, V. */
const VOLTS = { 12: [9, 16], 24: [18, 32] } as const;
const FLASHER_PINS = [2, 3, 4] as const;
const DEEPER_MM = [0, 15, 40] as const;
/** A lead with its plug passes the port of a cap, mm. */
const PORT_MM = 24;

const pack = (id: string, price: number) => [
	{ sku: `${id}-1`, count: 1, price, stock: 40 },
	{ sku: `${id}-2`, count: 2, price: Math.round(price * 1.8), stock: 40 }
];

/** The parts a kit for a made vehicle may need: loads, flashers, and for its headlamps modules, adapters and caps. */
export function partsFor(vehicle: Configuration): Accessory[] {
	const beams = vehicle.sockets.filter(({ functions }) => functions.some((id) => BEAMS.has(id)));
	const categories = [...new Set(beams.flatMap(({ category }) => category ?? []))];
	const is24 = supplyOf(vehicle).nominal === 24;
	const volts = VOLTS[is24 ? 24 : 12];
	return [
		...(is24 ? LOADS_24_V : LOADS_12_V).map(([ohms, rating]) => ({
			id: `P-load-${ohms}`,
			kind: 'resistor',
			name: `Load resistor ${ohms} ohm, ${rating} W`,
			scope: 'lamp',
			resistance: ohms,
			rating,
			packs: pack(`P-load-${ohms}`, 590)
		})),
		...FLASHER_PINS.map((pins) => ({
			id: `P-flasher-${pins}`,
			kind: 'flasher',
			name: `LED flasher, ${pins} pins`,
			fits: { pins },
			volts,
			scope: 'vehicle',
			packs: pack(`P-flasher-${pins}`, 1690)
		})),
		...categories.flatMap((category) => [
			{
				id: `P-module-${category}`,
				kind: 'pwm-module',
				name: `Anti-flicker module, ${category}`,
				fits: { categories: [category] },
				volts,
				scope: 'lamp',
				capacitance: 0.0047,
				packs: pack(`P-module-${category}`, 1490)
			},
			{
				id: `P-adapter-${category}`,
				kind: 'adapter',
				name: `Holder adapter, ${category}`,
				fits: { categories: [category] },
				scope: 'lamp',
				packs: pack(`P-adapter-${category}`, 590)
			},
			...DEEPER_MM.map((extraDepth) => ({
				id: `P-cap-${category}-${extraDepth}`,
				kind: 'cap',
				name: `Lamp cap with port, ${extraDepth} mm deeper, ${category}`,
				fits: { categories: [category] },
				scope: 'lamp',
				extraDepth,
				port: PORT_MM,
				packs: pack(`P-cap-${category}-${extraDepth}`, 890)
			}))
		])
	].map((part) => accessory.parse(part));
}
