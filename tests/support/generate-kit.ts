import { randomFrom } from './random';
import { kitOrder, type Accessory, type Configuration, type KitOrder, type Product } from '../../src/lib/core/model';
import { readDocument } from '../../src/lib/core/exchange';
import { assembleKit, type KitAnswer, type KitCase } from '../../src/lib/core/kit';
import { type Solver } from '../../src/lib/core/solver';
import { compileCatalogue } from '../../src/lib/core/match';

/** How large a generated vehicle is, and what there is to choose from. */
export interface Size {
	/** Places, each left and right. */
	pairs: number;
	/** LEDs that may go in each place. */
	candidates: number;
	/** Loads on sale. */
	loads: number;
	/** Anti-flicker modules on sale; outputs may then be pulsed, and lamps bring loads, modules and a turn-on voltage of their own. */
	modules?: number;
}

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;
const between = (low: number, high: number, random: Random) => low + Math.floor(random() * (high - low + 1));

/** Places of a generated vehicle: what lights there, and the output it hangs on. */
const PLACES = [
	{ zone: 'rear', function: 'stop', category: 'P21W', lens: 'red', colour: 'red', output: 'stop' },
	{ zone: 'rear', function: 'turn', category: 'PY21W', lens: 'clear', colour: 'amber', output: 'turn' },
	{ zone: 'front', function: 'front-position', category: 'W5W', lens: 'clear', colour: 'white', output: 'position' },
	{ zone: 'rear', function: 'tail', category: 'R5W', lens: 'red', colour: 'red', output: 'tail' },
	{ zone: 'rear', function: 'reverse', category: 'W16W', lens: 'clear', colour: 'white', output: 'reverse' },
	{ zone: 'front', function: 'turn', category: 'PY21W', lens: 'clear', colour: 'amber', output: 'turn' },
	{ zone: 'front', function: 'drl', category: 'P21W', lens: 'clear', colour: 'white', output: 'drl' },
	{ zone: 'cabin', function: 'map', category: 'W5W', lens: 'clear', colour: 'white', output: 'cabin' }
] as const;

const RATED: Record<string, { lumens: number; watts: number }> = {
	P21W: { lumens: 460, watts: 21 },
	PY21W: { lumens: 280, watts: 21 },
	W5W: { lumens: 50, watts: 5 },
	R5W: { lumens: 50, watts: 5 },
	W16W: { lumens: 310, watts: 16 }
};

function packs(id: string, random: Random) {
	const each = between(300, 2500, random);
	const price = (count: number, off: number) => Math.round(each * count * (1 - off * random()));
	const all = [
		{ sku: `${id}-1`, count: 1, price: price(1, 0), stock: between(0, 9, random) },
		{ sku: `${id}-2`, count: 2, price: price(2, 0.3), stock: between(0, 9, random) },
		{ sku: `${id}-4`, count: 4, price: price(4, 0.4), stock: between(0, 4, random) }
	];
	return all.filter((_, i) => i === 1 || random() < 0.6);
}

/** What makes lamps of one category differ in a circuit: when they light, and what hangs beside them or comes in the box. */
function circuitry({ zone }: (typeof PLACES)[number], random: Random) {
	const ohms = pick([22, 39, 68], random);
	const purpose = zone === 'cabin' ? pick([['cabin'], ['signal'], ['signal', 'cabin']], random) : ['signal'];
	return {
		purpose,
		...(random() < 0.4 ? { turnOn: pick([7, 9, 10.5, 12.9, 14], random) } : {}),
		...(random() < 0.15 ? { builtInLoad: ohms } : {}),
		...(random() < 0.2
			? {
					includes: [
						pick(
							[
								{ kind: 'decoder', resistance: ohms },
								{ kind: 'pwm-module', capacitance: 0.0022 }
							],
							random
						)
					]
				}
			: {})
	};
}

function lamp(
	id: string,
	{ place, modules = 0 }: { place: (typeof PLACES)[number]; modules: number | undefined },
	random: Random
) {
	const { category, colour } = place;
	const { lumens } = RATED[category] as { lumens: number };
	const flux = Math.round(lumens * (colour === 'red' ? 0.4 : 1) * (0.9 + random()));
	return {
		id,
		maker: `Maker ${between(1, 9, random)}`,
		name: `Lamp ${id}`,
		kind: 'led',
		fits: [category],
		modes: ['single'],
		colour:
			colour === 'white'
				? { kind: 'white', cct: pick([3000, 4300, 5000, 6000], random) }
				: { kind: colour, peak: colour === 'red' ? 630 : 592 },
		flux: { claimed: flux, per: 'lamp' },
		power: { at13v5: Math.max(0.4, Math.round((flux / 90) * 10) / 10) },
		polarity: 'free',
		size: { frontLength: 25, frontDiameter: 9 },
		limit: 200,
		packs: packs(id, random),
		...(modules > 0 ? circuitry(place, random) : {})
	};
}

function accessoriesOf({ loads, modules = 0 }: Size, random: Random) {
	const resistors = Array.from({ length: loads }, (_, i) => {
		const ohms = pick([6, 8, 10, 12, 20, 39], random);
		return {
			id: `L${i}`,
			kind: random() < 0.7 ? 'resistor' : 'load-harness',
			name: `Load ${i}, ${ohms} ohm`,
			scope: random() < 0.7 ? 'lamp' : 'channel',
			resistance: ohms,
			rating: pick([25, 50, 100], random),
			packs: packs(`L${i}`, random)
		};
	});
	const rest = [
		{ id: 'FL-2', kind: 'flasher', scope: 'vehicle', fits: { pins: 2 }, packs: packs('FL-2', random) },
		{ id: 'FL-3', kind: 'flasher', scope: 'vehicle', fits: { pins: 3 }, packs: packs('FL-3', random) },
		{
			id: 'GREASE',
			kind: 'consumable',
			scope: 'vehicle',
			use: { per: 'socket', amount: 0.1 },
			packs: packs('GREASE', random)
		},
		{ id: 'TIES', kind: 'consumable', scope: 'vehicle', use: { per: 'load', amount: 2 }, packs: packs('TIES', random) }
	];
	const held = Array.from({ length: modules }, (_, i) => ({
		id: `M${i}`,
		kind: 'pwm-module',
		scope: 'lamp',
		capacitance: pick([0.00047, 0.001, 0.0022], random),
		packs: packs(`M${i}`, random)
	}));
	return [...resistors, ...rest, ...held];
}

/** A feed of pulses that hold the voltage down, or carry a lower brightness. */
const pulses = (feeds: readonly { function: string }[], random: Random) => ({
	kind: 'pwm',
	frequency: pick([100, 200], random),
	duty: Object.fromEntries(feeds.map((f) => [f.function, pick([0.4, 0.85, 0.92], random)]))
});

function vehicle({ pairs, modules = 0 }: Size, random: Random) {
	const sockets = Array.from({ length: pairs }, (_, i) => {
		const place = PLACES[i % PLACES.length] as (typeof PLACES)[number];
		return (['left', 'right'] as const).map((side) => ({
			id: `${place.output}-${i}-${side}`,
			zone: place.zone,
			side,
			index: 1 + Math.floor(i / PLACES.length),
			functions: [place.function],
			category: place.category,
			lens: place.lens,
			optic: 'lens-only',
			envelope: { frontLength: 42, frontDiameter: 22 }
		}));
	}).flat();
	const on = (output: string, side?: string) =>
		sockets
			.filter((s) => s.id.startsWith(`${output}-`) && (!side || s.side === side))
			.map((s) => ({ socket: s.id, function: s.functions[0] as string }));
	const channel = (id: string, feeds: ReturnType<typeof on>, monitor: { kind: string; [more: string]: unknown }) => ({
		id,
		feeds,
		feed: { kind: 'steady' },
		fuse: 20,
		monitor
	});
	/** A share of what the filament lamps draw. */
	const wants = (feeds: readonly unknown[], watts: number) =>
		Math.round(feeds.length * (watts / 12) * (0.3 + 0.4 * random()) * 100) / 100;
	const channels = [
		channel('turn-left', on('turn', 'left'), { kind: 'flasher', minCurrent: wants(on('turn', 'left'), 21) }),
		channel('turn-right', on('turn', 'right'), { kind: 'flasher', minCurrent: wants(on('turn', 'right'), 21) }),
		channel('stop', on('stop'), { kind: 'hot', minCurrent: wants(on('stop'), 21) }),
		channel('tail-left', on('tail', 'left'), { kind: 'hot', minCurrent: wants(on('tail', 'left'), 5) }),
		channel('tail-right', on('tail', 'right'), { kind: 'hot', minCurrent: wants(on('tail', 'right'), 5) }),
		channel(
			'reverse',
			on('reverse'),
			random() < 0.5 ? { kind: 'none' } : { kind: 'hot', minCurrent: wants(on('reverse'), 16) }
		),
		channel('position', on('position'), random() < 0.5 ? { kind: 'none' } : { kind: 'cold', maxOhm: 60 }),
		channel('drl', on('drl'), { kind: 'none' }),
		channel('cabin', on('cabin'), { kind: 'none' })
	]
		.filter((c) => c.feeds.length > 0)
		.map((c) =>
			modules > 0 && c.monitor.kind === 'none' && random() < 0.6 ? { ...c, feed: pulses(c.feeds, random) } : c
		);
	const flasher =
		random() < 0.6
			? { kind: 'plug-in', pins: pick([2, 3], random), checksInHazard: false }
			: { kind: 'body-computer', checksInHazard: false };
	return { id: 'made', make: 'Made', model: 'Up', kind: 'car', market: 'UN', sockets, channels, flasher };
}

/** A vehicle, products and parts made up from a seed; the same seed makes the same. */
export function generateKitCase(
	seed: number,
	size: Size
): KitCase & { products: Product[]; accessories: Accessory[]; configuration: Configuration } {
	const random = randomFrom(seed);
	const places = PLACES.slice(0, size.pairs);
	const kinds = [...new Map(places.map((p) => [`${p.category} ${p.colour}`, p])).values()];
	const products = kinds.flatMap((place, k) =>
		Array.from({ length: size.candidates }, (_, i) => lamp(`P${k}-${i}`, { place, modules: size.modules }, random))
	);
	const read = readDocument({
		format: 'rotalux/1',
		configurations: [vehicle(size, random)],
		products,
		accessories: accessoriesOf(size, random)
	});
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	const { configurations, products: list, accessories } = read.value;
	return {
		configuration: configurations[0] as Configuration,
		catalogue: compileCatalogue(list),
		shop: { policy: { headlamps: 'projectors' }, accessories, currency: 'EUR' },
		products: list,
		accessories
	};
}

/** The kit of a case, which holds together. @throws Error with the rules that do not */
export async function kitOf(kitCase: KitCase, order: Partial<KitOrder>, solver: Solver): Promise<KitAnswer> {
	const kit = await assembleKit(kitCase, kitOrder.parse(order), { solver });
	if (!kit.ok) throw new Error(kit.error.words);
	return kit.value;
}
