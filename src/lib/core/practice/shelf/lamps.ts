import { categoryOrNull } from '../../lamps';
import { product, type Configuration, type Product, type Socket } from '../../model';
import type { Chance } from '../chance';
import { makerName, modelName } from '../names/names';
import { FLAWS, type Asked, type Loose } from './flaws';

const BEAMS: ReadonlySet<string> = new Set(['low-beam', 'high-beam', 'fog']);
const CABIN: ReadonlySet<string> = new Set(['cabin', 'luggage', 'cluster']);
const PEAK_NM = { red: 630, amber: 592 } as const;
/** Light of an LED that serves, of that of the filament lamp behind the same lens. */
const FLUX_SHARE = { red: 0.4, amber: 0.85, white: 0.95 } as const;
/** Light of a finished LED, lm/W. */
const EFFICACY = 98;
/** From a car to a lorry that is charging, V. */
const SUPPLY_V = [9, 32];
const SIZE_SHARE = 0.9;
const PRICE = { signal: 690, cabin: 490, beam: 3490 } as const;

/** Colour an LED of a place has to have: that of its function, where the lens gives none or the same. */
function colourOf({ functions }: Socket): Asked['colour'] {
	if (functions.some((id) => ['stop', 'tail', 'chmsl', 'rear-fog'].includes(id))) return 'red';
	return functions.some((id) => id === 'turn' || id === 'side-marker') ? 'amber' : 'white';
}

function askedBy(socket: Socket): Asked {
	return {
		category: socket.category ?? '',
		functions: socket.functions,
		lens: socket.lens ?? 'clear',
		colour: colourOf(socket),
		isCabin: CABIN.has(socket.zone),
		isBeam: socket.functions.some((id) => BEAMS.has(id))
	};
}

/** To a tenth of a millimetre. */
const tenth = (mm: number) => Math.round(10 * mm) / 10;

interface Named {
	id: string;
	name: string;
	maker: string;
}

/** A lamp that serves its place, of which everything is known. */
function soberLamp({ id, name, maker }: Named, asked: Asked, chance: Chance): Loose {
	const lamp = categoryOrNull(asked.category);
	const lumens = Math.max(20, Math.round((lamp?.lumens ?? 45) * FLUX_SHARE[asked.colour]));
	const minor = Math.max(6, Math.round((lamp?.lumensMinor ?? 35) * FLUX_SHARE[asked.colour]));
	const length = lamp?.length ?? 36;
	const watts = Math.max(0.6, Math.round((10 * lumens) / EFFICACY) / 10);
	const beamBody = { lightCentre: lamp?.lightCentre?.mm ?? 25, rearLength: 30, rearDiameter: 34 };
	const front = { frontLength: tenth(SIZE_SHARE * length), frontDiameter: tenth(SIZE_SHARE * (lamp?.diameter ?? 11)) };
	return {
		id,
		maker,
		name,
		kind: 'led',
		fits: [asked.category],
		modes: [asked.functions.length > 1 ? 'dual' : 'single'],
		wiring: 'both',
		colour:
			asked.colour === 'white'
				? { kind: 'white', cct: chance.pick([4300, 5000, 5700]) }
				: { kind: asked.colour, peak: PEAK_NM[asked.colour] },
		emission: asked.isBeam ? 'sided' : 'all-round',
		flux: { claimed: lumens, per: 'lamp', measured: lumens, minor },
		power: { at13v5: watts, minor: Math.max(0.4, Math.round((10 * minor) / EFFICACY) / 10) },
		polarity: chance.pick(['free', 'free', 'sensitive']),
		size: { ...front, ...(asked.isBeam ? beamBody : {}), ...(lamp?.mount === 'festoon' ? { length } : {}) },
		cooling: asked.isBeam ? 'fan' : 'fins',
		...(asked.isBeam ? { collar: 'adjustable', emitterAngle: 90, driver: { where: 'none' } } : {}),
		limit: asked.isBeam ? 150 : 135,
		turnOn: 8,
		volts: SUPPLY_V,
		startUp: 0.02,
		ip: 'IP67',
		life: 20000,
		evidence: ['power.at13v5', 'flux.measured', 'size'].map((fact) => ({ fact, source: 'in-hand' })),
		packs: packsOf(id, PRICE[asked.isBeam ? 'beam' : asked.isCabin ? 'cabin' : 'signal'] + chance.between(0, 300, 10))
	};
}

/** The lamp a headlamp keeps where the shop sells no LED for it. */
const filamentLamp = (id: string, maker: string, { category }: Asked): Loose => ({
	id,
	maker,
	name: `${category} filament`,
	kind: 'halogen',
	fits: [category],
	power: { at13v5: categoryOrNull(category)?.watts ?? 55 },
	packs: packsOf(id, 890)
});

const packsOf = (id: string, each: number) => [
	{ sku: `${id}-1`, count: 1, price: each, stock: 20 },
	{ sku: `${id}-2`, count: 2, price: Math.round(each * 1.8), stock: 20 },
	{ sku: `${id}-4`, count: 4, price: Math.round(each * 3.2), stock: 20 }
];

/** A shelf of LEDs for the places of a vehicle: for every kind of place one that serves, and others with one flaw each. */
export function lampsFor(vehicle: Configuration, chance: Chance): Product[] {
	const kinds = new Map<string, Asked>();
	for (const socket of vehicle.sockets) {
		const asked = askedBy(socket);
		kinds.set([asked.category, asked.colour, asked.functions.length, asked.isCabin].join(' '), asked);
	}
	return [...kinds.values()].flatMap((asked, i) => {
		const [maker, series] = [makerName(chance), modelName(chance)];
		const sober = soberLamp({ id: `L${i}`, name: `${series} ${asked.category}`, maker }, asked, chance);
		const flawed = chance.shuffled(FLAWS).flatMap(({ id, words, change }) => {
			const changed = change(sober, asked);
			const own = `L${i}-${id}`;
			return changed
				? [{ ...sober, ...changed, id: own, name: `${series} ${asked.category} ${words}`, packs: packsOf(own, 550) }]
				: [];
		});
		const filament = asked.isBeam ? [filamentLamp(`F${i}`, maker, asked)] : [];
		return [sober, ...flawed.slice(0, 3), ...filament].map((lamp) => product.parse(lamp));
	});
}
