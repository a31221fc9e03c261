import type { Accessory, Pack, Product } from '../../model';
import { counted } from '../../quantity';
import type { Builder, Demand, LampVariable } from './builder';

/** Packs taken to be on a shelf nobody has counted. */
const UNKNOWN_STOCK = 200;
/** Dearer than any pack of a consumable, cheaper than any open socket, minor units. */
const SHORT = 20_000;

/** What uses pieces of one item. */
interface Used {
	item: Product | Accessory;
	/** Pieces per unit of a variable. */
	terms: [number, string][];
	/** Most pieces each variable takes, for variables that take whole pieces of their own. */
	singles: { pieces: number; name: string; max: number }[];
	/** Pieces in any case, and at the most. */
	fixed: number;
	most: number;
}

const keyOf = (item: Product | Accessory) => `${'maker' in item ? 'p' : 'a'}:${item.id}`;

/** Pieces one group of a bundle takes. */
const perMember = ({ group }: LampVariable) => group.sockets.length / group.members.length;

function usage(b: Builder): Used[] {
	const used = new Map<string, Used>();
	const entryOf = (item: Product | Accessory) => {
		const entry = used.get(keyOf(item)) ?? { item, terms: [], singles: [], fixed: 0, most: 0 };
		used.set(keyOf(item), entry);
		return entry;
	};
	const use = (
		item: Product | Accessory,
		{ pieces, name, times = 1 }: { pieces: number; name: string; times?: number }
	) => {
		const entry = entryOf(item);
		entry.terms.push([pieces, name]);
		entry.singles.push({ pieces, name, max: times });
		entry.most += pieces * times;
	};
	for (const lamp of b.lamps)
		use(lamp.option.product, { pieces: perMember(lamp), name: lamp.name, times: lamp.group.members.length });
	for (const { assembly, name } of b.assemblies) use(assembly.product, { pieces: assembly.pieces, name });
	for (const part of b.parts.values()) use(part.accessory, { pieces: 1, name: part.name, times: part.max });
	for (const { accessory, terms, fixed, most } of b.consumed) {
		const entry = entryOf(accessory);
		entry.terms.push(...terms);
		entry.fixed += fixed;
		entry.most += Math.ceil(most);
	}
	return [...used.values()];
}

const stockDemand = (item: Product | Accessory, { sku, stock = 0 }: Pack): Demand => ({
	kind: 'stock',
	id: sku,
	words: `${counted(stock, 'pack')} of ${item.name ?? item.id} on the shelf`
});

/** Pieces of a part the customer already has. */
const owned = (b: Builder, item: Product | Accessory) =>
	'maker' in item ? 0 : (b.input.order.has?.parts[item.id] ?? 0);

/** Whole packs cover what is used, within what is on the shelf. Spares are shared by all sockets of the kit. */
export function addPacks(b: Builder): void {
	for (const { item, terms, singles, fixed, most } of usage(b)) {
		const there = owned(b, item);
		const packs = item.packs.map((pack) => {
			const name = `y${b.packs.length}`;
			const needed = Math.min(UNKNOWN_STOCK, Math.ceil(most / pack.count));
			b.packs.push({ name, item, pack });
			b.variables.push({ name, cost: pack.price, kind: 'integer', max: needed });
			if (pack.stock !== undefined && pack.stock < needed)
				b.constrain([[1, name]], { sense: '<=', bound: pack.stock }, stockDemand(item, pack));
			return { name, count: pack.count };
		});
		const short = isConsumable(item) ? [[-1, shortage(b, item, Math.ceil(most))] as [number, string]] : [];
		const bought = packs.map(({ name, count }): [number, string] => [-count, name]);
		b.constrain([...terms, ...bought, ...short], { sense: '<=', bound: there - fixed });
		if (there === 0) tighten(b, singles, packs);
	}
}

const isConsumable = (item: Product | Accessory): item is Accessory => item.kind === 'consumable';

/** Pieces of a consumable that the shelf does not have: no reason to leave a lamp out, but said on the kit. */
function shortage(b: Builder, accessory: Accessory, most: number): string {
	const name = b.count(`k${b.short.length}`, SHORT, Math.max(1, most));
	b.short.push({ name, accessory });
	return name;
}

/**
 * What a single choice takes has to be in the packs by itself: true of every kit already, but said so it draws the bound of the solver
 * close, since a part of a big pack can no longer pay for a whole lamp.
 */
function tighten(b: Builder, singles: Used['singles'], packs: readonly { name: string; count: number }[]): void {
	for (const { pieces, name, max } of singles) {
		const cover = packs.map((pack): [number, string] => [Math.min(pack.count, pieces * max), pack.name]);
		b.constrain([...cover, [-pieces, name]], { sense: '>=', bound: 0 });
	}
}
