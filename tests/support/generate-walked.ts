import { readDocument } from '../../src/lib/core/exchange';
import { categoryOrNull, type LampCategory } from '../../src/lib/core/lamps';
import type { Accessory, Configuration, Product } from '../../src/lib/core/model';

type Random = () => number;
const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)] as T;

/** Signal, rear and cabin lamps as they are found: zone, functions, categories, lens, and the colour an LED there has to be. */
const PLACES = [
	['front', ['front-position'], ['W5W', '168', 'T4W'], 'clear', 'white'],
	['front', ['turn'], ['PY21W', '7440A', 'WY21W'], 'clear', 'amber'],
	['side', ['turn'], ['WY5W', '194A'], 'clear', 'amber'],
	['side', ['side-marker'], ['W5W', '194'], 'amber', 'amber'],
	['rear', ['stop', 'tail'], ['P21/5W', '1157', 'W21/5W', '7443', '3157'], 'red', 'red'],
	['rear', ['stop'], ['P21W', '1156', 'W21W'], 'red', 'red'],
	['rear', ['tail'], ['R5W', 'W5W', '67'], 'red', 'red'],
	['rear', ['turn'], ['P21W', '1156', '3156'], 'amber', 'amber'],
	['rear', ['rear-fog'], ['P21W', 'W16W'], 'red', 'red'],
	['rear', ['chmsl'], ['W16W', '921', 'W5W'], 'red', 'red'],
	['rear', ['reverse'], ['W16W', 'P21W', '921', '1156'], 'clear', 'white'],
	['rear', ['licence-plate'], ['W5W', '168', 'C5W', 'festoon 36 mm'], 'clear', 'white'],
	['cabin', ['dome'], ['C10W', 'festoon 41 mm', 'W5W'], 'clear', 'white'],
	['cabin', ['map'], ['W5W', '168'], 'clear', 'white'],
	['luggage', ['luggage'], ['C5W', 'W5W'], 'clear', 'white']
] as const;

type Place = (typeof PLACES)[number];
type Loose = Record<string, unknown>;

const DARK_AT_ANY_SUPPLY_V = 16;
const peak = { red: 630, amber: 592 } as const;

/** A sober LED for a place, a little smaller than the lamp it replaces. */
function soberLamp(id: string, [, functions, , , colour]: Place, lamp: LampCategory): Loose {
	const share = colour === 'red' ? 0.35 : colour === 'amber' ? 0.8 : 1.1;
	const lumens = (lamp.lumens ?? 45) * share;
	const watts = Math.max(0.4, Math.round(lumens * 0.11) / 10);
	return {
		id,
		maker: 'Made',
		name: `Sober ${lamp.category}`,
		kind: 'led',
		fits: [lamp.category],
		wiring: 'both',
		modes: [functions.length > 1 ? 'dual' : 'single'],
		colour: colour === 'white' ? { kind: 'white', cct: 5000 } : { kind: colour, peak: peak[colour] },
		emission: 'all-round',
		flux: { claimed: Math.round(lumens), per: 'lamp', minor: Math.round((lamp.lumensMinor ?? 35) * share) },
		power: { at13v5: watts, minor: 0.4 },
		polarity: 'free',
		size: {
			frontLength: 0.9 * (lamp.length ?? 30),
			frontDiameter: 0.9 * (lamp.diameter ?? 10),
			...(lamp.mount === 'festoon' ? { length: lamp.length } : {})
		},
		cooling: 'none',
		limit: 115,
		ip: 'IP67',
		packs: [{ sku: `${id}-1`, count: 1, price: 800, stock: 40 }]
	};
}

/** What a catalogue holds that must never be sold without a look: each with what is wrong with it. */
function trapsFor(sober: Loose, [zone, functions, , lens, colour]: Place): Loose[] {
	const size = sober.size as { frontLength: number; frontDiameter: number };
	const flux = sober.flux as { claimed: number };
	const measured = (fact: string, value: unknown) => [{ fact, value, source: 'in-hand', on: '2026-03-02' }];
	const wrong = colour === 'white' ? { kind: 'red', peak: 630 } : { kind: 'white', cct: 6000 };
	return [
		['longer', { size: { ...size, frontLength: size.frontLength * 1.4, length: 60 } }],
		['fatter', { size: { ...size, frontDiameter: size.frontDiameter * 1.6 } }],
		['other base', { fits: ['H7'] }],
		['other colour', lens === 'amber' ? { colour: { kind: 'red', peak: 630 } } : { colour: wrong }],
		['dead', { flux: { ...flux, measured: 0 } }],
		['dark', { turnOn: DARK_AT_ANY_SUPPLY_V }],
		['for 24 V', { volts: [20, 30] }],
		['hot', { power: { at13v5: 30, minor: 30 }, evidence: measured('power.at13v5', 30) }],
		...(zone === 'cabin' || zone === 'luggage'
			? []
			: [['dim', { flux: { ...flux, claimed: flux.claimed * 0.05 } }] as const]),
		...(functions.length > 1 ? [['one mode', { modes: ['single'] }] as const] : [])
	].map(([what, more]) => ({
		...sober,
		id: `${sober.id as string} ${what as string}`,
		packs: [],
		...(more as object)
	}));
}

/** A car as somebody walked it in a hurry: lamp, function and lens, and two looks. */
export interface WalkedCase {
	configuration: Configuration;
	/** The same before anybody looked. */
	unlooked: Configuration;
	products: Product[];
	/** True for a product that must never come out as fit for sale in a place. */
	isTrap: (product: string, socket: string) => boolean;
	accessories: Accessory[];
}

/** A walked car, an LED for each of its places that a practitioner would simply fit, and traps beside it. */
export function generateWalked(random: Random): WalkedCase {
	const chosen = PLACES.filter(() => random() < 0.7).map((place) => ({ place, category: pick(place[2], random) }));
	const places = chosen.length > 0 ? chosen : [{ place: PLACES[0], category: 'W5W' as const }];
	const sockets = places.flatMap(({ place: [zone, functions, , lens], category }, i) =>
		(zone === 'cabin' || zone === 'luggage' ? (['centre'] as const) : (['left', 'right'] as const)).map((side) => ({
			id: `${i}-${side}`,
			zone,
			side,
			index: 1,
			functions,
			category,
			lens,
			...(category === 'C5W' || category === 'C10W'
				? { envelope: { holderLength: categoryOrNull(category)?.length } }
				: {}),
			...(functions.length > 1 ? { wiring: 'standard' } : {})
		}))
	);
	const lamps = places.map(({ place, category }, i) => {
		const sober = soberLamp(`sober ${i}`, place, categoryOrNull(category) as LampCategory);
		return { sober, traps: trapsFor(sober, place) };
	});
	const car = {
		id: 'walked',
		make: 'Made',
		model: 'Up',
		kind: 'car',
		market: pick(['UN', 'US'], random),
		channels: []
	};
	const looks = { lampOutMessage: 'none', headlampFeed: 'steady' };
	const flasher = { id: 'flasher', kind: 'flasher', scope: 'vehicle', fits: { pins: 3 }, packs: [] };
	const read = readDocument({
		format: 'rotalux/1',
		configurations: [
			{ ...car, sockets, looks, flasher: { kind: 'plug-in', pins: 3 } },
			{ ...car, id: 'unlooked', sockets }
		],
		products: lamps.flatMap(({ sober, traps }) => [sober, ...traps]),
		accessories: [{ ...flasher, packs: [{ sku: 'flasher-1', count: 1, price: 2000, stock: 9 }] }]
	});
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	const [configuration, unlooked] = read.value.configurations as [Configuration, Configuration];
	return {
		configuration,
		unlooked,
		products: read.value.products,
		isTrap: (product, socket) => product.startsWith(`sober ${socket.split('-')[0]} `),
		accessories: read.value.accessories
	};
}
