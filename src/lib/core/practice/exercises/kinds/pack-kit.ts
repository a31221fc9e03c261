import { loadOhms, hasEffect } from '../../../accessories';
import { MODES, simulate, vehicleCircuit, type ChannelState } from '../../../circuit';
import type { Accessory, Product, Socket } from '../../../model';
import { DEFAULT_CURRENCY, money } from '../../../quantity';
import type { Made } from '../../made';
import { PARCEL_COSTS, RIGHT, type Cost, type ExerciseKind, type Judged, type PackOffer } from '../exercise';
import { fittedWithLeds } from '../fitted-leds';
import { judgedParts, lampsOf, type PlacedPart } from '../judged-parts';
import { cheapest, piecesIn, type Sold } from '../packs';
import { placesText } from '../shown';

const MODE = 'left-turn';
const MOST = { packs: 40, loads: 3 } as const;
const COST: Readonly<Record<'missing' | 'dear', Cost>> = {
	missing: {
		minutes: 30,
		words: 'The box comes with a part missing: the car stands open until the next parcel.',
		parts: PARCEL_COSTS
	},
	dear: { minutes: 0, words: 'It holds, and costs more than it needs to.' }
};

/** What is put together: lamps for every turn signal, and what keeps the flasher content. */
interface Job {
	made: Made;
	output: ChannelState;
	/** How many of which lamp. */
	lamps: readonly { product: Product; pieces: number; sockets: readonly Socket[] }[];
	parts: readonly Accessory[];
}

/** What so many pieces of each part do, put beside the lamps of both sides alike. */
function remedyOf({ made, output }: Job, pieces: ReadonlyMap<Accessory, number>): Judged {
	const beside = lampsOf(made, output);
	const placed: PlacedPart[] = [];
	for (const [part, count] of pieces)
		if (loadOhms(part) === null) placed.push({ part });
		else
			for (let i = 0; i < Math.floor(count / 2); i++)
				placed.push({ part, socket: beside[placed.length % beside.length] as string });
	return judgedParts(made, { mode: MODE, output }, placed);
}

/** Ways to keep the flasher content that are offered, with the least they cost. */
function remedies(job: Job): { words: string; price: number; isFirst: boolean }[] {
	const beside = lampsOf(job.made, job.output).length;
	return job.parts.flatMap((part) => {
		const isLoad = loadOhms(part) !== null;
		const counts = isLoad ? Array.from({ length: beside }, (_, i) => 2 * (i + 1)) : [1];
		return counts
			.filter((count) => remedyOf(job, new Map([[part, count]])).outcome === 'right')
			.map((count) => ({
				words: `${count} x ${part.name}`,
				price: cheapest(part, count),
				isFirst: isLoad && count === 2 * beside
			}));
	});
}

/** A basket, as it is sent. */
function readBasket(text: string, packs: readonly PackOffer[]): Map<string, number> | null {
	const basket = new Map<string, number>();
	for (const one of text.split(' ').filter(Boolean)) {
		const [id = '', count = ''] = one.split('=');
		if (
			!packs.some((pack) => pack.id === id) ||
			basket.has(id) ||
			!/^\d{1,2}$/.test(count) ||
			Number(count) > MOST.packs
		)
			return null;
		basket.set(id, Number(count));
	}
	return basket;
}

interface Prices {
	first: number;
	best: number;
	words: string;
}

function judge(
	text: string,
	{ job, packs, prices }: { job: Job; packs: readonly PackOffer[]; prices: Prices }
): Judged | null {
	const basket = readBasket(text, packs);
	if (!basket) return null;
	const missing = job.lamps.filter(({ product, pieces }) => piecesIn(product, basket) < pieces);
	if (missing.length > 0)
		return {
			outcome: 'wrong',
			opened: missing.map(({ product, pieces, sockets }) => ({
				what: `${piecesIn(product, basket)} of ${pieces} ${product.name}`,
				why: `One lamp for every place: ${placesText(sockets)}.`,
				source: 'record of the vehicle'
			})),
			cost: COST.missing
		};
	const remedy = remedyOf(job, new Map(job.parts.map((part) => [part, piecesIn(part, basket)])));
	if (remedy.outcome !== 'right') return remedy;
	const total = packs.reduce((sum, { id, price }) => sum + price * (basket.get(id) ?? 0), 0);
	const said = (minor: number) => money(minor, DEFAULT_CURRENCY);
	if (total < prices.first) return RIGHT;
	return {
		outcome: 'too-careful',
		opened: [
			{
				what: `${said(total)}; the first idea costs ${said(prices.first)}, ${said(prices.best)} is enough`,
				why: `Enough: ${prices.words}. Larger packs cost less a piece; a flasher serves both sides at once; fewer loads do where each draws enough.`,
				source: 'prices of the shelf and the circuit of this vehicle'
			}
		],
		cost: { ...COST.dear, parts: total - prices.best }
	};
}

/** Lamps of the turn signals, one for every place. */
function lampsNeeded(made: Made): Job['lamps'] {
	const fitted = fittedWithLeds(made).lamps;
	const byLamp = new Map<Product, Socket[]>();
	for (const socket of made.truth.sockets.filter(({ functions }) => functions.includes('turn'))) {
		const lamp = fitted.get(socket.id);
		if (lamp?.kind === 'product') byLamp.set(lamp.product, [...(byLamp.get(lamp.product) ?? []), socket]);
	}
	return [...byLamp].map(([product, sockets]) => ({ product, sockets, pieces: sockets.length }));
}

/** Lamps and parts for the turn signals, complete and for less than the first idea. */
export const packKit: ExerciseKind = {
	skill: 'pack the kit cheaper',
	minutes: 3,
	pose: (made, chance) => {
		const { channels } = simulate(vehicleCircuit(made.truth, fittedWithLeds(made)), MODES[MODE]);
		const output = channels.find(({ monitor, functions }) => monitor === 'complains' && functions.includes('turn'));
		const lamps = lampsNeeded(made);
		if (!output || lamps.length === 0) return null;
		const loads = chance.shuffled(made.accessories.filter((part) => loadOhms(part) !== null));
		const flashers = made.accessories.filter((part) => hasEffect(part, 'steady-flasher'));
		const parts = [...loads.slice(0, MOST.loads).sort((a, b) => (loadOhms(a) ?? 0) - (loadOhms(b) ?? 0)), ...flashers];
		const job: Job = { made, output, lamps, parts };
		const serves = remedies(job).sort((a, b) => a.price - b.price);
		const [best] = serves;
		const firstParts = serves.find(({ isFirst }) => isFirst) ?? serves.at(-1);
		if (!best || !firstParts) return null;
		const singly = lamps.reduce((sum, { product, pieces }) => {
			const single = product.packs.find(({ count }) => count === 1);
			return sum + pieces * (single?.price ?? Infinity);
		}, 0);
		const lampsBest = lamps.reduce((sum, { product, pieces }) => sum + cheapest(product, pieces), 0);
		const prices: Prices = {
			first: singly + firstParts.price,
			best: lampsBest + best.price,
			words: [...lamps.map(({ product, pieces }) => `${pieces} x ${product.name}`), best.words].join(', ')
		};
		if (prices.best >= prices.first) return null;
		const packs = [...lamps.map(({ product }) => product as Sold), ...parts].flatMap((sold) =>
			sold.packs.map(({ sku, count, price }) => ({
				id: sku,
				of: sold.name ?? sold.id,
				words: count === 1 ? `${sold.name}` : `${sold.name}, pack of ${count}`,
				count,
				price
			}))
		);
		const { flasher } = made.truth;
		return {
			question: {
				task: `LEDs for all turn signals, with what they need. The first idea costs ${money(prices.first, DEFAULT_CURRENCY)}: put it together for less.`,
				given: [
					...lamps.map(({ product, pieces, sockets }) => ({
						label: `${pieces} x ${product.name}`,
						value: placesText(sockets)
					})),
					{
						label: 'Flasher',
						value: flasher?.kind === 'plug-in' ? `plug-in, ${flasher.pins} pins` : 'in the body computer'
					},
					{ label: 'A side is asked for', value: `${output.atLeast?.toFixed(2) ?? '?'} A at least` },
					{ label: 'The LEDs of a side draw', value: `${output.current?.toFixed(2) ?? '?'} A` },
					{ label: 'First idea', value: `lamps one by one, and ${firstParts.words}` }
				],
				drawing: { kind: 'wheel', places: lamps.flatMap(({ sockets }) => sockets.map(({ id }) => id as string)) },
				looks: [],
				answer: { by: 'packs', packs },
				reason: null
			},
			judge: (answer) => judge(answer, { job, packs, prices }),
			seen: () => null,
			standsFor: `${money(prices.best, DEFAULT_CURRENCY)}: ${prices.words}, in the cheapest packs`,
			least: 0,
			screen: { room: 'kit' },
			rightReasons: []
		};
	}
};
