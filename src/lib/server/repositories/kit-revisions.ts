import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import { LAST_TOUCHED_FIRST, type StoredKit } from './kits';
import { markOf } from './marks';

/** A frozen revision of a released kit. */
export interface KitRevision {
	kitId: string;
	revision: number;
	code: string;
	releasedAt: string;
	/** Everything the kit sheet needs, as it stood. */
	document: unknown;
	/** Mark under which it was frozen: what carries a higher one was changed since. */
	mark?: number;
}

/** The last revision of a kit by its code, whose it is, the mark under which it was frozen, and the highest of what it stands on. */
interface ReleaseMarks {
	code: string;
	branch: string | null;
	frozen: number;
	now: number;
}

interface ReleaseRow extends Omit<ReleaseMarks, 'now'> {
	kit: string;
	on_vehicle: number | null;
	on_products: number | null;
	on_parts: number | null;
}

/** Marks of the last revisions of kits; a kit that was never released is not in it. */
export async function releaseMarks(db: Knex, ids: readonly string[]): Promise<Map<string, ReleaseMarks>> {
	if (ids.length === 0) return new Map();
	const highest = (table: 'products' | 'accessories') =>
		db('kit_items')
			.join(table, `${table}.id`, 'kit_items.item')
			.where('kit_items.kit_id', db.ref('kits.id'))
			.max(`${table}.mark`);
	const rows: ReleaseRow[] = await db('kits')
		.join('kit_revisions', 'kit_revisions.kit_id', 'kits.id')
		.whereIn('kits.id', ids)
		.where('revision', db('kit_revisions').where('kit_id', db.ref('kits.id')).max('revision'))
		.select({ kit: 'kits.id', code: 'code', branch: 'branch_id', frozen: 'kit_revisions.mark' })
		.select(
			db('configurations').where('id', db.ref('kits.configuration_id')).select('mark').as('on_vehicle'),
			highest('products').as('on_products'),
			highest('accessories').as('on_parts')
		);
	return new Map(
		rows.map(({ kit, code, branch, frozen, on_vehicle, on_products, on_parts }) => [
			kit,
			{ code, branch, frozen, now: Math.max(on_vehicle ?? 0, on_products ?? 0, on_parts ?? 0) }
		])
	);
}

/** Revisions of a kit, the first one first. */
export async function listRevisions(db: Knex, kitId: string): Promise<KitRevision[]> {
	const rows = await db('kit_revisions').where({ kit_id: kitId }).orderBy('revision');
	return rows.map((row) => ({
		kitId: row.kit_id,
		revision: row.revision,
		code: row.code,
		releasedAt: row.released_at,
		document: JSON.parse(row.document),
		mark: row.mark
	}));
}

/** A revision by its code, with nothing else of its kit; null when there is none. */
export async function findRevision(db: Knex, code: string): Promise<KitRevision | null> {
	const row: { kit_id: string } | undefined = await db('kit_revisions').where({ code }).first('kit_id');
	const all = row ? await listRevisions(db, row.kit_id) : [];
	return all.find((revision) => revision.code === code) ?? null;
}

/** Adds a revision. A revision is never written twice: the database refuses. */
export async function addRevision(tx: Tx, revision: KitRevision): Promise<void> {
	await tx('kit_revisions').insert({
		kit_id: revision.kitId,
		revision: revision.revision,
		code: revision.code,
		released_at: revision.releasedAt,
		document: JSON.stringify(revision.document),
		mark: revision.mark ?? markOf(tx)
	});
}

/** Released kits that hold a product, or are for a vehicle; those of the vehicle first. */
export async function releasedKitsWith(
	db: Knex,
	{ product, configuration }: { product?: string | undefined; configuration?: string | undefined },
	most: number
): Promise<Pick<StoredKit, 'id' | 'name' | 'configurationId'>[]> {
	if (product === undefined && configuration === undefined) return [];
	const rows: { id: string; name: string; configuration_id: string }[] = await db('kits')
		.whereIn('id', db('kit_revisions').select('kit_id'))
		.andWhere((q) => {
			if (configuration !== undefined) void q.orWhere({ configuration_id: configuration });
			if (product !== undefined) void q.orWhereIn('id', db('kit_items').where({ item: product }).select('kit_id'));
		})
		.orderByRaw('configuration_id = ? desc, updated_at desc', [configuration ?? ''])
		.limit(most)
		.select('id', 'name', 'configuration_id');
	return rows.map(({ id, name, configuration_id }) => ({ id, name, configurationId: configuration_id }));
}

/** Kits that were released, the last touched first, some of them. */
export async function releasedKitsLast(
	db: Knex,
	most: number
): Promise<Pick<StoredKit, 'id' | 'name' | 'configurationId'>[]> {
	const rows: { id: string; name: string; configuration_id: string }[] = await db('kits')
		.whereIn('id', db('kit_revisions').select('kit_id'))
		.orderBy([...LAST_TOUCHED_FIRST])
		.limit(most)
		.select('id', 'name', 'configuration_id');
	return rows.map(({ id, name, configuration_id }) => ({ id, name, configurationId: configuration_id }));
}
