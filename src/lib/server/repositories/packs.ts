import type { Knex } from 'knex';
import { removeRows, writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import { Trouble } from '../db/failure';
import { inParts } from '../db/in-parts';

/** Signs that stand for others in a pattern stand for any one character there, so that they find themselves too. */
export const anyCharacter = (text: string) => text.replace(/[%_]/g, '_');

/** True when two numbers are the same but for capitals. */
export const sameNumber = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

interface Packed {
	id: string;
	packs: readonly { sku: string }[];
}

const packsNumbered = (db: Knex, skus: readonly string[]) =>
	inParts<string, { sku: string; item: string }>(skus, (part) => db('packs').whereIn('sku', part));

/** Pack numbers of some things that something else in stock has already, in sentences. */
export async function skuClashes(db: Knex, items: readonly Packed[]): Promise<string[]> {
	const owner = new Map<string, string>();
	const wrong: string[] = [];
	for (const { id, packs } of items)
		for (const { sku } of packs) {
			const other = owner.get(sku);
			if (other !== undefined && other !== id) wrong.push(`The SKU “${sku}” belongs to ${other} and to ${id}.`);
			owner.set(sku, id);
		}
	const coming = new Set(items.map(({ id }) => id));
	for (const { sku, item } of await packsNumbered(db, [...owner.keys()]))
		if (!coming.has(item)) wrong.push(`The SKU “${sku}” belongs to ${item} and to ${owner.get(sku)}.`);
	return wrong;
}

/**
 * Writes which pack numbers belong to some things.
 * @throws Trouble when something else has one of them already
 */
export async function putPacks(tx: Tx, items: readonly Packed[]): Promise<void> {
	const [clash] = await skuClashes(tx, items);
	if (clash) throw new Trouble(`${clash} Nothing was changed.`);
	await removeRows(
		tx,
		{ table: 'packs', column: 'item' },
		items.map(({ id }) => id)
	);
	const rows = items.flatMap(({ id, packs }) =>
		[...new Set(packs.map(({ sku }) => sku))].map((sku) => ({ sku, item: id }))
	);
	await writeRows(tx, { table: 'packs' }, rows);
}

/** The things that pack numbers belong to, each once; numbers of nothing are left out. */
export async function itemsOfSkus(db: Knex, skus: readonly string[]): Promise<string[]> {
	return [...new Set((await packsNumbered(db, skus)).map(({ item }) => item))];
}

/** The thing a pack number belongs to, in capitals or not; null when nothing has it. */
export async function itemOfSku(db: Knex, sku: string): Promise<string | null> {
	const rows: { sku: string; item: string }[] = await db('packs').whereILike('sku', anyCharacter(sku));
	return rows.find((row) => sameNumber(row.sku, sku))?.item ?? null;
}
