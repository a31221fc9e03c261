import type { Accessory, Pack, Product } from '../../model';
import type { Verdict } from '../../match';
import type { Group } from '../choices/options';
import type { KitProgram, LampVariable, PartPlace, PartVariable } from '../program';
import type { Solution } from '../../solver/solver';

/** Pieces of a part in one place. */
export interface PlacedPieces extends PartPlace {
	pieces: number;
}

/** One line of a kit: packs of one stock-keeping unit. */
export interface KitLine {
	/** Socket ids its pieces go to; for an accessory the sockets it helps, empty when it serves the whole vehicle. */
	sockets: string[];
	sku: string;
	product?: string;
	accessory?: string;
	name: string;
	/** Packs, pieces in them together, and pieces left over. */
	packs: number;
	count: number;
	spare: number;
	/** Price of the line, and what is left of it for the shop when its cost is known, minor units. */
	price: number;
	margin?: number;
	/** Packs on the shelf when it was worked out, and where. */
	stock?: number;
	shelf?: string;
	/** What it is for. */
	solves: string;
	/** Where the pieces of a part are fitted. */
	fitted?: PlacedPieces[];
	/** Verdict of a lamp in its sockets; a check by hand wants a signature. */
	verdict?: Verdict;
	/** Why an assembly wants a check by hand. */
	check?: string;
}

/** A kit as worked out. */
export interface KitAnswer {
	lines: KitLine[];
	/** Price of all lines, minor units. */
	total: number;
	/** How low what was minimised could be at most, and the distance to it; 0 means proven best. */
	bound: number;
	gap: number;
	/** Sockets without a line, why, and what product would close each. */
	open: OpenSocket[];
	/** Whites that stand out beside their neighbours. */
	mismatches: { place: string; sight: string }[];
	/** Consumables the shelf has too few of, in words. */
	missing: string[];
	/** What the circuit has to say against it, in words: only where a person fixed it so. */
	complaints: string[];
	/** Lamps that are in the vehicle already, by socket. */
	has?: Record<string, string>;
	/** The next best kits: what they cost and where they differ. */
	runnersUp: { total: number; differs: string[] }[];
}

/** A kit with nothing in it; also what an answer of an older record lacks. */
export const EMPTY_ANSWER: KitAnswer = {
	lines: [],
	total: 0,
	bound: 0,
	gap: 0,
	open: [],
	mismatches: [],
	missing: [],
	complaints: [],
	runnersUp: []
};

export interface OpenSocket {
	socket: string;
	why: string;
	/** The product that would close it, in words; absent where nobody is to choose. */
	wanted?: string;
}

type Values = Extract<Solution, { values: unknown }>['values'];

/** What a variable of a solution is, as a whole number. */
export const valueOf = (values: Values, name: string): number => Math.round(values.get(name) ?? 0);

interface Bought {
	item: Product | Accessory;
	sockets: string[];
	pieces: number;
	solves: string;
	places: PlacedPieces[];
	verdict?: Verdict;
	check?: string;
}

/** Deals the pieces of a part to its places. */
function placed({ places }: PartVariable, pieces: number): PlacedPieces[] {
	const dealt = places.slice(0, pieces).map((place) => ({ ...place, pieces: 1 }));
	const last = dealt.at(-1);
	if (last) last.pieces += Math.max(0, pieces - places.length);
	return dealt;
}

/** What a consumable is for, by what it is counted by. */
const USED_FOR: Record<KitProgram['consumed'][number]['per'], string> = {
	socket: 'contacts of the sockets outside',
	kit: 'the work on the kit',
	module: 'holding the modules',
	load: 'connecting the loads'
};

class Basket {
	readonly items = new Map<Product | Accessory, Bought>();

	add(item: Product | Accessory, more: Omit<Bought, 'item'>): void {
		const entry = this.items.get(item);
		if (!entry) {
			this.items.set(item, { ...more, item });
			return;
		}
		entry.sockets.push(...more.sockets.filter((id) => !entry.sockets.includes(id)));
		entry.places.push(...more.places);
		entry.pieces += more.pieces;
		if (more.verdict === 'unknown' || entry.verdict === 'fits') entry.verdict = more.verdict;
	}
}

/** The groups each lamp goes to: those of a bundle are dealt in order, and what is over is left open. */
export function dealt({ lamps, left }: KitProgram, values: Values): { served: [Group, LampVariable][]; open: Group[] } {
	const rest = new Map(left.map(({ group }) => [group, [...group.members]]));
	const served = lamps.flatMap((lamp) =>
		(rest.get(lamp.group) ?? [])
			.splice(0, valueOf(values, lamp.name))
			.map((group): [Group, LampVariable] => [group, lamp])
	);
	const open = left.flatMap(({ name, group }) => (valueOf(values, name) > 0 ? (rest.get(group) ?? []) : []));
	return { served, open };
}

function bought(program: KitProgram, values: Values): Bought[] {
	const basket = new Basket();
	for (const [group, { option }] of dealt(program, values).served)
		basket.add(option.product, {
			sockets: group.sockets.map((s) => s.id),
			pieces: group.sockets.length,
			solves: 'lamp',
			places: [],
			verdict: option.verdict
		});
	for (const { name, assembly } of program.assemblies)
		if (valueOf(values, name) > 0)
			basket.add(assembly.product, {
				sockets: assembly.groups.flatMap((g) => g.sockets.map((s) => s.id)),
				pieces: assembly.pieces,
				solves: 'assembly in place of lamps',
				places: [],
				verdict: assembly.verdict,
				...(assembly.check ? { check: assembly.check } : {})
			});
	for (const part of program.parts) {
		const pieces = valueOf(values, part.name);
		const places = placed(part, pieces);
		const sockets = places.every((p) => p.socket) ? places.flatMap((p) => p.socket ?? []) : [...part.sockets];
		if (pieces > 0) basket.add(part.accessory, { sockets, pieces, solves: part.solves, places });
	}
	for (const { accessory, per, fixed, terms } of program.consumed) {
		const used = terms.reduce((sum, [amount, name]) => sum + amount * valueOf(values, name), fixed);
		const lacking = program.short.find((s) => s.accessory === accessory);
		const pieces = Math.ceil(used - 1e-9) - (lacking ? valueOf(values, lacking.name) : 0);
		if (pieces > 0) basket.add(accessory, { sockets: [], pieces, solves: USED_FOR[per], places: [] });
	}
	return [...basket.items.values()];
}

function lineOf(entry: Bought, pack: Pack, number: number, taken: number, sockets: string[]): KitLine {
	const { item, solves, places, verdict, check } = entry;
	const count = number * pack.count;
	return {
		sockets,
		sku: pack.sku,
		...('maker' in item ? { product: item.id } : { accessory: item.id }),
		name: item.name ?? item.id,
		packs: number,
		count,
		spare: count - taken,
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
function takePlaces(places: PlacedPieces[], pieces: number): PlacedPieces[] {
	const taken: PlacedPieces[] = [];
	let left = pieces;
	while (left > 0 && places.length > 0) {
		const [first] = places as [PlacedPieces];
		const now = Math.min(left, first.pieces);
		taken.push({ ...first, pieces: now });
		left -= now;
		if (now === first.pieces) places.shift();
		else places[0] = { ...first, pieces: first.pieces - now };
	}
	return taken;
}

/** Pieces the customer has: a line without packs or price. */
function alreadyThere({ item, sockets, solves }: Bought, pieces: number, places: PlacedPieces[]): KitLine {
	const name = item.name ?? item.id;
	const base = { sku: item.id, accessory: item.id, name, packs: 0, count: pieces, spare: 0, price: 0, sockets };
	return { ...base, solves: `${solves}; the customer has it`, ...(places.length > 0 ? { fitted: places } : {}) };
}

/** Reads the lines of a kit from a solution: pieces are dealt to packs in order, what is left over is spare. */
export function readLines(program: KitProgram, values: Values): KitLine[] {
	return bought(program, values).flatMap((entry) => {
		const packs = program.packs.filter((p) => p.item === entry.item && valueOf(values, p.name) > 0);
		const isLamp = entry.solves === 'lamp';
		const places = [...entry.places];
		let { pieces, sockets } = entry;
		const lines = packs.map(({ name, pack }, index): KitLine => {
			const number = valueOf(values, name);
			const taken = Math.min(number * pack.count, pieces);
			const dealt = isLamp && index < packs.length - 1 ? sockets.slice(0, taken) : sockets;
			pieces -= taken;
			if (isLamp) sockets = sockets.slice(dealt.length);
			return lineOf({ ...entry, places: takePlaces(places, taken) }, pack, number, taken, dealt);
		});
		return pieces > 0 ? [...lines, alreadyThere(entry, pieces, places)] : lines;
	});
}
