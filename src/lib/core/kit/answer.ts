import type { Accessory, Product } from '../exchange';
import type { Verdict } from '../match';
import type { KitProgram } from './program';
import type { Solution } from './solver';

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
	/** Price of the line, minor units. */
	price: number;
	/** What it is for. */
	solves: string;
	/** Channel ids a load hangs on. */
	outputs?: string[];
	/** Verdict of a lamp in its sockets; a check by hand wants a signature. */
	verdict?: Verdict;
}

/** A kit as worked out. */
export interface KitAnswer {
	lines: KitLine[];
	/** Price of all lines, minor units. */
	total: number;
	/** How low the price could be at most, and the distance to it by what was minimised; 0 means proven best. */
	bound: number;
	gap: number;
	open: { socket: string; why: string }[];
	/** The next best kits: what they cost and where they differ. */
	runnersUp: { total: number; differs: string[] }[];
}

type Values = Extract<Solution, { values: unknown }>['values'];
const isOn = (values: Values, name: string) => Math.round(values.get(name) ?? 0) > 0;

interface Bought {
	item: Product | Accessory;
	sockets: string[];
	pieces: number;
	solves: string;
	outputs: string[];
	verdict?: Verdict;
}

function bought(program: KitProgram, values: Values): Bought[] {
	const items = new Map<Product | Accessory, Bought>();
	const add = (item: Product | Accessory, more: Omit<Bought, 'item'>) => {
		const entry = items.get(item) ?? { ...more, item, sockets: [], outputs: [], pieces: 0 };
		entry.outputs.push(...more.outputs.filter((id) => !entry.outputs.includes(id)));
		entry.sockets.push(...more.sockets.filter((id) => !entry.sockets.includes(id)));
		entry.pieces += more.pieces;
		if (more.verdict === 'unknown' || entry.verdict === 'fits') entry.verdict = more.verdict;
		items.set(item, entry);
	};
	for (const { name, group, option } of program.lamps)
		if (isOn(values, name))
			add(option.product, {
				sockets: group.sockets.map((s) => s.id),
				pieces: group.sockets.length,
				solves: 'lamp',
				outputs: [],
				verdict: option.verdict
			});
	for (const { name, accessory, sockets, solves, output } of program.parts)
		if (isOn(values, name))
			add(accessory, { sockets: [...sockets], pieces: 1, solves, outputs: output === null ? [] : [output] });
	return [...items.values()];
}

/** Reads the lines of a kit from a solution: sockets are dealt to packs in order, what is left over is spare. */
export function readLines(program: KitProgram, values: Values): KitLine[] {
	return bought(program, values).flatMap((entry) => {
		const packs = program.packs.filter((p) => p.item === entry.item && isOn(values, p.name));
		let pieces = entry.pieces;
		let sockets = entry.sockets;
		const isLamp = 'maker' in entry.item;
		return packs.map(({ name, pack, item }, index): KitLine => {
			const number = Math.round(values.get(name) ?? 0);
			const count = number * pack.count;
			const taken = Math.min(count, pieces);
			const dealt = isLamp && index < packs.length - 1 ? sockets.slice(0, taken) : sockets;
			pieces -= taken;
			if (isLamp) sockets = sockets.slice(dealt.length);
			return {
				sockets: dealt,
				sku: pack.sku,
				...(isLamp ? { product: item.id } : { accessory: item.id }),
				name: item.name ?? item.id,
				packs: number,
				count,
				spare: count - taken,
				price: number * pack.price,
				solves: entry.solves,
				...(entry.outputs.length > 0 ? { outputs: entry.outputs } : {}),
				...(entry.verdict ? { verdict: entry.verdict } : {})
			};
		});
	});
}
