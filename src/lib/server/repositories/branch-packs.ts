import type { Knex } from 'knex';
import type { Pack } from '../../core/model';
import { branchOf, countsEveryShelf, WHOLE_CHAIN } from '../db/branch';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';

/** What a branch keeps of a pack: all of it but how many pieces it has and what the supplier asks. */
export interface BranchPack {
	sku: string;
	/** Packs on the shelf and on order; null where nobody counted. */
	stock: number | null;
	ordered: number | null;
	/** Minor units; null where it is as at the first branch. */
	price: number | null;
	shelf: string | null;
}

interface Row extends BranchPack {
	branch_id: string;
}

interface Packed {
	packs: Pack[];
}

/** Of more packs than this, all that a branch has are read at once. */
const MANY = 2000;

async function rowsOf(db: Knex, skus: readonly string[], branch: string | null): Promise<Row[]> {
	const open = () => {
		const query = db('branch_packs').join('branches', 'branches.id', 'branch_packs.branch_id').where({ closed: 0 });
		if (branch !== null) void query.where({ branch_id: branch });
		return query.select('branch_packs.*');
	};
	return skus.length > MANY ? open() : inParts(skus, (part) => open().whereIn('sku', part) as Promise<Row[]>);
}

function bySku(rows: readonly Row[]): Map<string, Row[]> {
	const found = new Map<string, Row[]>();
	for (const row of rows) found.set(row.sku, [...(found.get(row.sku) ?? []), row]);
	return found;
}

/** A pack as a branch sees it: what it never had is none of, where anybody counts. */
export function packAt(pack: Pack, row: BranchPack | undefined): Pack {
	const { stock, ordered: _ordered, shelf: _shelf, ...rest } = pack;
	if (!row) return stock === undefined ? rest : { ...rest, stock: 0 };
	return {
		...rest,
		...(row.price === null ? {} : { price: row.price as Pack['price'] }),
		...(row.stock === null ? {} : { stock: row.stock }),
		...(row.ordered === null ? {} : { ordered: row.ordered }),
		...(row.shelf === null ? {} : { shelf: row.shelf })
	};
}

const sum = (numbers: readonly (number | null | undefined)[]): number | undefined => {
	const known = numbers.filter((one) => one != null);
	return known.length === 0 ? undefined : known.reduce((a, b) => a + b, 0);
};

/** A pack as it lies on all shelves together. */
function packAnywhere(pack: Pack, rows: readonly BranchPack[]): Pack {
	const stock = sum([pack.stock, ...rows.map((row) => row.stock)]);
	const ordered = sum([pack.ordered, ...rows.map((row) => row.ordered)]);
	return { ...pack, ...(stock === undefined ? {} : { stock }), ...(ordered === undefined ? {} : { ordered }) };
}

/** A pack as a branch sees it where packs at any branch count: its price and shelf, and how many lie anywhere. */
function packToBring(pack: Pack, own: BranchPack | undefined, rows: readonly BranchPack[]): Pack {
	const { stock } = packAnywhere(pack, rows);
	return { ...packAt(pack, own), ...(stock === undefined ? {} : { stock }) };
}

/** Things of the stock with the shelves and prices of where the database is seen from. */
export async function asSeenFrom<T extends Packed>(db: Knex, items: readonly T[]): Promise<T[]> {
	const [branch, everyShelf] = [branchOf(db), countsEveryShelf(db)];
	if ((branch === null && !everyShelf) || items.length === 0) return [...items];
	const skus = items.flatMap(({ packs }) => packs.map(({ sku }) => sku as string));
	const isWhole = branch === WHOLE_CHAIN;
	const rows = bySku(await rowsOf(db, skus, isWhole || everyShelf ? null : branch));
	const seen = (pack: Pack): Pack => {
		const there = rows.get(pack.sku) ?? [];
		if (isWhole || (everyShelf && branch === null)) return packAnywhere(pack, there);
		const own = there.find(({ branch_id }) => branch_id === branch);
		return everyShelf ? packToBring(pack, own, there) : packAt(pack, own);
	};
	return items.map((item) => ({ ...item, packs: item.packs.map(seen) }));
}

/** Packs that lie at the open branches beside the first one, by their number. */
export const packsAtBranches = async (db: Knex, skus: readonly string[]): Promise<Map<string, Row[]>> =>
	bySku(await rowsOf(db, skus, null));

/** Numbers of all packs that a branch keeps something of, open or closed. */
export const skusAt = (db: Knex, branch: string): Promise<string[]> =>
	db('branch_packs').where({ branch_id: branch }).orderBy('sku').pluck('sku');

/** Numbers of the packs that have a price of their own at a branch. */
export const skusPricedAt = (db: Knex, branch: string): Promise<string[]> =>
	db('branch_packs').where({ branch_id: branch }).whereNotNull('price').orderBy('sku').pluck('sku');

/** What a branch keeps of some packs, by their number; those it never had are not in it. */
export const packsKeptAt = async (
	db: Knex,
	branch: string,
	skus: readonly string[]
): Promise<ReadonlyMap<string, BranchPack>> => new Map((await rowsOf(db, skus, branch)).map((row) => [row.sku, row]));

/** Gives what lies at branches to the new number of a pack. */
export async function renameBranchPacks(tx: Tx, renamed: readonly { from: string; to: string }[]): Promise<void> {
	for (const { from, to } of renamed) {
		await tx('branch_packs').where({ sku: to }).delete();
		await tx('branch_packs').where({ sku: from }).update({ sku: to });
	}
}

/** Writes what a branch has of some packs. */
export const putBranchPacks = (tx: Tx, branch: string, packs: readonly BranchPack[]): Promise<void> =>
	writeRows(
		tx,
		{ table: 'branch_packs', key: ['branch_id', 'sku'] },
		packs.map(({ sku, stock, ordered, price, shelf }) => ({ branch_id: branch, sku, stock, ordered, price, shelf }))
	);
