import type { Accessory, Product } from '../../exchange';
import type { Builder } from './builder';

/** Packs taken to be on a shelf nobody has counted. */
const UNKNOWN_STOCK = 200;

/** Whole packs cover what is used, within what is on the shelf. Spares are shared by all sockets of the kit. */
export function addPacks(b: Builder): void {
	const used = new Map<string, { item: Product | Accessory; terms: [number, string][] }>();
	const use = (item: Product | Accessory, pieces: number, name: string) => {
		const key = `${'maker' in item ? 'p' : 'a'}:${item.id}`;
		const entry = used.get(key) ?? { item, terms: [] };
		entry.terms.push([pieces, name]);
		used.set(key, entry);
	};
	for (const lamp of b.lamps) use(lamp.option.product, lamp.group.sockets.length, lamp.name);
	for (const part of b.parts.values()) use(part.accessory, 1, part.name);
	for (const { item, terms } of used.values()) {
		const most = terms.reduce((sum, [pieces]) => sum + pieces, 0);
		const packs = item.packs.map((pack) => {
			const name = `y${b.packs.length}`;
			b.packs.push({ name, item, pack });
			const max = Math.min(pack.stock ?? UNKNOWN_STOCK, Math.ceil(most / pack.count));
			b.variables.push({ name, cost: pack.price, kind: 'integer', max });
			return [-pack.count, name] as [number, string];
		});
		b.constrain([...terms, ...packs], '<=', 0);
	}
}
