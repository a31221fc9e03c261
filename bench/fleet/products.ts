import { categoryOrNull, type LampCategory } from '../../src/lib/core/lamps';
import type { Accessory, Product } from '../../src/lib/core/model';
import { randomFrom } from '../../tests/support/random';
import { DESIGNS } from './designs';
import { chance, invented, pick, type Random } from './random';

type Loose = Record<string, unknown>;

const CATEGORIES = [...new Set(DESIGNS.flatMap(({ UN, US }) => [...UN, ...US]))].flatMap(
	(name) => categoryOrNull(name) ?? []
);
/** What the trade sells most of is offered most often. */
const POPULAR = CATEGORIES.filter(({ mount }) => mount === 'wedge' || mount === 'bayonet');

const PEAK = { red: 630, amber: 592 } as const;

function colourFor({ glass, mount }: LampCategory, random: Random): Loose {
	const kind =
		mount === 'flange' && glass === 'clear'
			? 'white'
			: glass === 'clear'
				? pick(['white', 'white', 'white', 'red', 'amber'] as const, random)
				: glass;
	return kind === 'white'
		? { kind, cct: pick([2700, 3000, 4300, 5000, 6000, 6500], random) }
		: { kind, peak: PEAK[kind] };
}

function lamp(id: string, maker: string, random: Random): Loose {
	const category = pick(chance(0.7, random) ? POPULAR : CATEGORIES, random);
	const colour = colourFor(category, random);
	const own = colour.kind === 'red' ? 0.35 : colour.kind === 'amber' ? 0.6 : 1;
	const flux = Math.round((category.lumens ?? 60) * own * (0.4 + 1.4 * random()));
	const watts = Math.max(0.4, Math.round(flux / (6 + 6 * random())) / 10);
	const dual = category.filaments === 2;
	const tells = chance(0.85, random);
	const whole = (stock: number) => Math.round(stock * (0.7 + 0.7 * random()));
	const price = Math.round(200 + flux * (1 + 2 * random()));
	return {
		id,
		maker,
		name: `${category.category} ${colour.kind as string}`,
		kind: 'led',
		fits: [category.category],
		modes: [dual && chance(0.9, random) ? 'dual' : 'single'],
		...(tells ? { wiring: pick(['standard', 'both', 'crossed'], random) } : {}),
		colour,
		emission: pick(['all-round', 'sided'], random),
		flux: { claimed: flux, per: 'lamp', ...(dual ? { minor: Math.round(flux / 9) } : {}) },
		power: { at13v5: watts, ...(dual ? { minor: Math.max(0.2, Math.round(watts) / 9) } : {}) },
		polarity: pick(['free', 'sensitive'], random),
		...(tells || chance(0.5, random)
			? {
					size: {
						frontLength: whole(category.length ?? 40),
						frontDiameter: whole(category.diameter ?? 12),
						lightCentre: category.lightCentre?.mm ?? 25,
						rearLength: whole(42),
						rearDiameter: whole(38),
						...(category.mount === 'festoon' ? { length: (category.length ?? 36) + pick([0, 0, 1, 3], random) } : {})
					}
				}
			: {}),
		collar: pick(['adjustable', 'fixed'], random),
		emitterAngle: 90,
		cooling: category.mount === 'flange' ? pick(['fins', 'fan'], random) : 'none',
		driver: { where: 'none' },
		limit: pick([105, 115, 120], random),
		ip: pick(['IP65', 'IP67'], random),
		packs: [
			{
				sku: `${id}-1`,
				count: 1,
				price,
				cost: Math.round(price * 0.6),
				stock: chance(0.4, random) ? Math.floor(random() * 12) : 0
			},
			{
				sku: `${id}-2`,
				count: 2,
				price: Math.round(1.8 * price),
				cost: Math.round(price * 1.1),
				stock: chance(0.4, random) ? Math.floor(random() * 6) : 0
			}
		]
	};
}

/** LED lamps as suppliers list them: many of the popular sizes, few of the rare ones, some badly described. */
export function generateOffer(count: number, seed = 37): Product[] {
	const random = randomFrom(seed);
	const makers = Array.from({ length: 40 }, () => invented(random));
	return Array.from({ length: count }, (_, i) => lamp(`P${i}`, pick(makers, random), random)) as unknown as Product[];
}

/** The parts beside them that a shop keeps. */
export const PARTS = [
	{
		id: 'R12',
		kind: 'resistor',
		scope: 'lamp',
		resistance: 12,
		rating: 50,
		packs: [{ sku: 'R12-2', count: 2, price: 900, stock: 40 }]
	},
	{
		id: 'CAP25',
		kind: 'cap',
		scope: 'lamp',
		extraDepth: 25,
		port: 24,
		packs: [{ sku: 'CAP25-2', count: 2, price: 1500, stock: 12 }]
	},
	{
		id: 'FL3',
		kind: 'flasher',
		scope: 'vehicle',
		fits: { pins: 3 },
		packs: [{ sku: 'FL3-1', count: 1, price: 1900, stock: 6 }]
	}
] as unknown as Accessory[];
