import { categoryOrNull } from '../../../lamps';
import { decimalsOf, type Currency } from '../../../quantity';
import { withValueAt } from '../../../vehicle';
import { plainCopy, type Assembly, type Loose, type ReadRow, type StockItem } from '../assembly';

type Shelf = 'products' | 'accessories';

/** Id of the thing that has a pack with this number on record or in the rows so far; null when nothing has. */
function ownerOf(assembly: Assembly, shelf: Shelf, sku: unknown): string | null {
	const has = ({ packs }: { packs: readonly { sku?: unknown }[] }) => packs.some((pack) => pack.sku === sku);
	for (const list of [assembly[shelf], assembly.existing[shelf]] as Iterable<[string, StockItem]>[])
		for (const [id, item] of list) if (has(item)) return id;
	return null;
}

/** Where a row belongs: by its id, or by the number of its pack, which may be one of the other shelf. */
function homeOf(assembly: Assembly, shelf: Shelf, row: ReadRow): { shelf: Shelf; id: string } | null {
	if (row.record.id !== undefined) return { shelf, id: String(row.record.id) };
	const sku = (row.record.pack as Loose | undefined)?.sku;
	if (sku === undefined) return null;
	for (const one of [shelf, shelf === 'products' ? 'accessories' : 'products'] as const) {
		const id = ownerOf(assembly, one, sku);
		if (id !== null) return { shelf: one, id };
	}
	return null;
}

/** A row that describes a thing nobody has on record begins one: the number of its pack is its id. */
function newHome(shelf: Shelf, { record }: ReadRow): { shelf: Shelf; id: string } | null {
	const sku = (record.pack as Loose | undefined)?.sku;
	const isDescribed = record.name !== undefined && (record.fits !== undefined || record.kind !== undefined);
	return sku !== undefined && isDescribed ? { shelf, id: String(sku) } : null;
}

function withPack(packs: readonly Loose[], pack: Loose): Loose[] {
	const at = packs.findIndex(({ sku }) => sku === pack.sku);
	return at < 0 ? [...packs, { count: 1, ...pack }] : packs.map((old, i) => (i === at ? { ...old, ...pack } : old));
}

/** A pack with its amounts as whole minor units, however they were written. */
function inMinorUnits(pack: Loose | undefined, currency: Currency): Loose | undefined {
	if (!pack) return undefined;
	const { priceWritten, costWritten, ...rest } = pack;
	const minor = (written: unknown) => Math.round(Number(written) * 10 ** decimalsOf(currency));
	return {
		...rest,
		...(priceWritten === undefined ? {} : { price: minor(priceWritten) }),
		...(costWritten === undefined ? {} : { cost: minor(costWritten) })
	};
}

/** What a row says beyond its columns, laid over what is there, branch by branch. */
function overlaid(under: Loose, over: Loose): Loose {
	const isBranch = (value: unknown): value is Loose =>
		typeof value === 'object' && value !== null && !Array.isArray(value);
	return Object.entries(over).reduce<Loose>((all, [key, value]) => {
		const old = all[key];
		return { ...all, [key]: isBranch(old) && isBranch(value) ? overlaid(old, value) : value };
	}, under);
}

/** A row of a product or accessory: what its cells say on top of what is known, and one of its packs. A price list by SKU alone will do. */
function addStock(shelf: Shelf): (assembly: Assembly, tab: string, row: ReadRow) => void {
	return (assembly, tab, row) => {
		const home = homeOf(assembly, shelf, row) ?? newHome(shelf, row);
		if (!home)
			return assembly.problem(
				{ tab, row: row.number, column: 'id' },
				'The row names nothing on record: give an id, the SKU of a known pack, or a SKU with the name and what it is made for.'
			);
		const key = `\n${home.shelf}\n${home.id}`;
		const pack = inMinorUnits(row.record.pack as Loose | undefined, assembly.currency);
		const packKey = `${key}\n${String(pack?.sku ?? '')}`;
		if (!assembly.names(packKey, tab, row)) return;
		assembly.origin.set(key, { tab, row: row.number });
		const known =
			assembly[home.shelf].get(home.id) ?? plainCopy(assembly.existing[home.shelf].get(home.id) ?? { packs: [] });
		const { pack: _pack, ...record } = overlaid(known as Loose, row.more) as StockItem;
		const own = {
			...row,
			more: {},
			values: Object.fromEntries(Object.entries(row.values).filter(([path]) => !path.startsWith('pack.')))
		};
		const claimed =
			home.shelf === 'products' ? assembly.claimed('product', record, own) : withValues(record, own.values);
		const packs = pack ? withPack((record as StockItem).packs, pack) : (record as StockItem).packs;
		const usual = home.shelf === 'products' ? usualOf(assembly, claimed) : {};
		assembly[home.shelf].set(home.id, { ...usual, ...claimed, id: home.id, packs });
	};
}

/** What somebody said of all lamps of a list that do not say it themselves. */
function usualOf({ kind, isSingle }: Assembly, product: Loose): Loose {
	const itsKind = product.kind ?? kind;
	const fits = Array.isArray(product.fits) ? product.fits.map((name) => categoryOrNull(String(name))) : [];
	const hasOneFilament = fits.length > 0 && fits.every((category) => category !== null && category.filaments !== 2);
	return {
		...(product.kind === undefined && kind ? { kind } : {}),
		...(product.modes === undefined && isSingle && itsKind === 'led' && hasOneFilament ? { modes: ['single'] } : {})
	};
}

function withValues(record: Loose, values: ReadRow['values']): Loose {
	return Object.entries(values).reduce((next, [path, value]) => withValueAt(next, path, value), record);
}

export const addProduct = addStock('products');
export const addAccessory = addStock('accessories');
