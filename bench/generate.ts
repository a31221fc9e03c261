import { type Configuration, type Product } from '../src/lib/core/model';
import { readDocument } from '../src/lib/core/exchange';
import { invented, pick } from './fleet/random';
import { randomFrom } from '../tests/support/random';
import { LAMP_CATEGORIES, type FunctionId } from '../src/lib/core/lamps';

const CATEGORIES = LAMP_CATEGORIES.filter(
	(c) => c.confidence !== 'low' && c.lumens !== undefined && c.mount !== 'festoon'
);

/** LED products spread over the common lamp categories, most of them honest. */
export function generateProducts(count: number, seed = 7): Product[] {
	const random = randomFrom(seed);
	const products = Array.from({ length: count }, (_, i) => {
		const category = pick(CATEGORIES, random);
		const kind =
			category.glass === 'clear' ? pick(['white', 'white', 'red', 'amber'] as const, random) : category.glass;
		const flux = Math.round((category.lumens ?? 50) * (0.5 + random()));
		const dual = category.filaments === 2;
		return {
			id: `P${i}`,
			maker: `Maker ${i % 40}`,
			name: `Lamp ${i}`,
			kind: 'led',
			fits: [category.category],
			modes: [dual ? 'dual' : 'single'],
			wiring: 'both',
			colour:
				kind === 'white'
					? { kind, cct: pick([3000, 4300, 5000, 6000], random) }
					: { kind, peak: kind === 'red' ? 630 : 592 },
			flux: { claimed: flux, per: 'lamp', minor: Math.round(flux / 8) },
			power: { at13v5: Math.max(0.3, Math.round(flux) / 90), minor: 0.5 },
			size: {
				frontLength: 20 + Math.round(random() * 25),
				frontDiameter: 8 + Math.round(random() * 12),
				lightCentre: category.lightCentre?.mm ?? 25,
				rearLength: 40,
				rearDiameter: 40
			},
			cooling: 'fins',
			limit: 150,
			packs: [
				{ sku: `P${i}-1`, count: 1, price: 300 + Math.round(random() * 2000), stock: 20 },
				{ sku: `P${i}-2`, count: 2, price: 500 + Math.round(random() * 3500), stock: 10 },
				{ sku: `P${i}-10`, count: 10, price: 2000 + Math.round(random() * 15000), stock: 3 }
			]
		};
	});
	const read = readDocument({ format: 'rotalux/1', products });
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	return read.value.products;
}

const PLACES = [
	['front', 'turn', 'PY21W', 'clear'],
	['front', 'front-position', 'W5W', 'clear'],
	['front', 'drl', 'P21W', 'clear'],
	['side', 'turn', 'WY5W', 'clear'],
	['side', 'side-marker', 'W5W', 'amber'],
	['rear', 'stop', 'P21W', 'red'],
	['rear', 'tail', 'R5W', 'red'],
	['rear', 'turn', 'WY21W', 'clear'],
	['rear', 'reverse', 'W16W', 'clear'],
	['cabin', 'map', 'W5W', 'clear']
] as const satisfies readonly (readonly [string, FunctionId, string, string])[];

/** A vehicle of 2 sockets for each place, `sockets` in all, every exterior output steady, turn and stop monitored. */
export function generateConfiguration(sockets: number): Configuration {
	const list = Array.from({ length: sockets }, (_, i) => {
		const row = Math.floor(i / 2);
		const [zone, fn, category, lens] = PLACES[row % PLACES.length] as (typeof PLACES)[number];
		return {
			id: `S${i}`,
			zone,
			side: i % 2 === 0 ? 'left' : 'right',
			index: 1 + Math.floor(row / PLACES.length),
			functions: [fn],
			category,
			lens,
			optic: 'lens-only',
			envelope: { frontLength: 42, frontDiameter: 20 }
		};
	});
	const channels = list.map((socket) => ({
		id: `C-${socket.id}`,
		feeds: [{ socket: socket.id, function: socket.functions[0] }],
		feed: { kind: 'steady' },
		fuse: 10,
		monitor: socket.functions[0] === 'stop' ? { kind: 'hot', minCurrent: 0.9 } : { kind: 'none' }
	}));
	const read = readDocument({
		format: 'rotalux/1',
		configurations: [{ id: 'bench', make: 'Bench', model: 'Bench', kind: 'van', market: 'UN', sockets: list, channels }]
	});
	if (!read.ok) throw new Error(JSON.stringify(read.error.slice(0, 3)));
	return read.value.configurations[0] as Configuration;
}

/** Many configurations of invented makes and models, without sockets. */
export function generateVehicles(count: number, seed = 11): Configuration[] {
	const random = randomFrom(seed);
	const makes = Array.from({ length: 60 }, () => invented(random));
	return Array.from({ length: count }, (_, i) => {
		const from = 1995 + Math.floor(random() * 25);
		return {
			id: `v${i}`,
			make: pick(makes, random),
			model: invented(random),
			generation: pick(['I', 'II', 'III'], random),
			years: [from, from + 5],
			body: pick(['hatchback', 'estate', 'saloon', 'van'], random),
			kind: 'car',
			market: 'UN',
			sockets: [],
			channels: []
		} as unknown as Configuration;
	});
}
