import { NEED_WORDS } from '../../accessories';
import type { Verdict } from '../../match';
import type { Accessory, Pack, Product } from '../../model';
import type { PartPurpose } from '../program';
import type { KitSolution } from '../solution';
import type { FittedPieces, KitLine } from './answer';

/** What a consumable is for, by what it is counted by. */
const USED_FOR: Record<KitSolution['consumed'][number]['per'], string> = {
	socket: 'contacts of the sockets outside',
	kit: 'the work on the kit',
	module: 'holding the modules',
	load: 'connecting the loads'
};

function purposeText(purpose: PartPurpose): string {
	if (purpose === 'flash-rate') return 'flash rate';
	return purpose === 'mounting' ? 'mounting of the assembly' : NEED_WORDS[purpose].answers;
}

/** Pieces of one item, with all they are for. */
interface Bought {
	item: Product | Accessory;
	isLamp: boolean;
	sockets: string[];
	pieces: number;
	solves: string;
	places: FittedPieces[];
	verdict?: Verdict;
	check?: string;
}

class Basket {
	readonly items = new Map<Product | Accessory, Bought>();

	add(item: Product | Accessory, more: Omit<Bought, 'item' | 'isLamp'> & { isLamp?: boolean }): void {
		const entry = this.items.get(item);
		if (!entry) {
			this.items.set(item, { isLamp: false, ...more, item, places: [...more.places], sockets: [...more.sockets] });
			return;
		}
		entry.sockets.push(...more.sockets.filter((id) => !entry.sockets.includes(id)));
		entry.places.push(...more.places);
		entry.pieces += more.pieces;
		if (more.verdict === 'unknown' || entry.verdict === 'fits') entry.verdict = more.verdict;
	}
}

function bought({ served, assemblies, parts, consumed }: KitSolution): Bought[] {
	const basket = new Basket();
	for (const { group, option } of served)
		basket.add(option.product, {
			isLamp: true,
			sockets: group.sockets.map((s) => s.id),
			pieces: group.sockets.length,
			solves: 'lamp',
			places: [],
			verdict: option.verdict
		});
	for (const { product, groups, pieces, verdict, check } of assemblies)
		basket.add(product, {
			sockets: groups.flatMap((g) => g.sockets.map((s) => s.id)),
			pieces,
			solves: 'assembly in place of lamps',
			places: [],
			verdict,
			...(check ? { check } : {})
		});
	for (const { accessory, purpose, places, sockets } of parts) {
		const pieces = places.reduce((sum, place) => sum + place.pieces, 0);
		basket.add(accessory, { sockets, pieces, solves: purposeText(purpose), places });
	}
	for (const { accessory, per, pieces } of consumed)
		basket.add(accessory, { sockets: [], pieces, solves: USED_FOR[per], places: [] });
	return [...basket.items.values()];
}

/** Packs of one item, and the pieces of them that are taken. */
interface Taken {
	pack: Pack;
	number: number;
	pieces: number;
	sockets: string[];
	places: FittedPieces[];
}

function lineOf({ item, solves, verdict, check }: Bought, { pack, number, pieces, sockets, places }: Taken): KitLine {
	const count = number * pack.count;
	return {
		sockets,
		sku: pack.sku,
		...('maker' in item ? { product: item.id } : { accessory: item.id }),
		name: item.name ?? item.id,
		packs: number,
		count,
		spare: count - pieces,
		price: number * pack.price,
		...(pack.cost === undefined ? {} : { margin: number * (pack.price - pack.cost) }),
		...(pack.stock === undefined ? {} : { stock: pack.stock }),
		...(pack.shelf === undefined ? {} : { shelf: pack.shelf }),
		solves,
		...(places.length > 0 ? { fitted: places } : {}),
		...(verdict ? { verdict } : {}),
		...(check ? { check } : {})
	};
}

/** Takes the places of so many pieces from a list. */
function takePlaces(places: FittedPieces[], pieces: number): FittedPieces[] {
	const taken: FittedPieces[] = [];
	let left = pieces;
	while (left > 0 && places.length > 0) {
		const [first] = places as [FittedPieces];
		const now = Math.min(left, first.pieces);
		taken.push({ ...first, pieces: now });
		left -= now;
		if (now === first.pieces) places.shift();
		else places[0] = { ...first, pieces: first.pieces - now };
	}
	return taken;
}

/** Pieces the customer has: a line without packs or price. */
function alreadyThere({ item, solves }: Bought, rest: Pick<Taken, 'pieces' | 'sockets' | 'places'>): KitLine {
	const { pieces, sockets, places } = rest;
	const name = item.name ?? item.id;
	const base = { sku: item.id, accessory: item.id, name, packs: 0, count: pieces, spare: 0, price: 0, sockets };
	return { ...base, solves: `${solves}; the customer has it`, ...(places.length > 0 ? { fitted: places } : {}) };
}

/** The lines of a solved kit: pieces are taken from packs in order, what is left over is spare. */
export function linesOf(solution: KitSolution): KitLine[] {
	return bought(solution).flatMap((entry) => {
		const packs = solution.packs.filter(({ item }) => item === entry.item);
		const places = [...entry.places];
		let { pieces, sockets } = entry;
		const lines = packs.map(({ pack, number }, index): KitLine => {
			const taken = Math.min(number * pack.count, pieces);
			const own = entry.isLamp && index < packs.length - 1 ? sockets.slice(0, taken) : sockets;
			pieces -= taken;
			if (entry.isLamp) sockets = sockets.slice(own.length);
			return lineOf(entry, { pack, number, pieces: taken, sockets: own, places: takePlaces(places, taken) });
		});
		return pieces > 0 ? [...lines, alreadyThere(entry, { pieces, sockets, places })] : lines;
	});
}

/** Price of some lines together, minor units. */
export const totalOf = (lines: readonly KitLine[]): number => lines.reduce((sum, line) => sum + line.price, 0);
