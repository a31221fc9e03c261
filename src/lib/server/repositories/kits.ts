import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import type { KitOrder } from '../../core/model';
import { NEW_LIFE, readAnswer, type KitAnswer, type KitLife } from '../../core/kit';

/** Fingerprints of what an answer stands on: a change of anything else leaves it alone. */
export interface Foundation {
	vehicle: string;
	/** Products and parts in it, by id. */
	parts: Record<string, string>;
	policy: string;
	assumptions: string;
}

/** What a kit stands on that was never worked out here. */
export const NO_FOUNDATION: Foundation = { vehicle: '', parts: {}, policy: '', assumptions: '' };

/** A kit as the shop keeps it. */
export interface StoredKit {
	id: string;
	name: string;
	configurationId: string;
	state: 'draft' | 'checked' | 'released';
	order: KitOrder;
	answer: KitAnswer;
	/** Grows with every change; a change is written only on the version it saw. */
	version: number;
	/** Fingerprints of all that the answer stands on. */
	standsOn: Foundation;
	life: KitLife;
	/** Fields of an imported kit that Rotalux does not know. */
	extra: Record<string, unknown>;
	createdAt: string;
	updatedAt: string;
}

/** A frozen revision of a released kit. */
export interface KitRevision {
	kitId: string;
	revision: number;
	code: string;
	releasedAt: string;
	/** Everything the kit sheet needs, as it stood. */
	document: unknown;
}

interface KitRow {
	id: string;
	name: string;
	configuration_id: string;
	state: StoredKit['state'];
	kit_order: string;
	answer: string;
	version: number;
	stands_on: string;
	life: string;
	extra: string;
	created_at: string;
	updated_at: string;
}

function fromRow(row: KitRow): StoredKit {
	return {
		id: row.id,
		name: row.name,
		configurationId: row.configuration_id,
		state: row.state,
		order: JSON.parse(row.kit_order),
		answer: readAnswer(JSON.parse(row.answer)),
		version: row.version,
		standsOn: { ...NO_FOUNDATION, ...JSON.parse(row.stands_on) },
		life: { ...NEW_LIFE, ...JSON.parse(row.life) },
		extra: JSON.parse(row.extra),
		createdAt: row.created_at,
		updatedAt: row.updated_at
	};
}

function toRow(kit: StoredKit): KitRow {
	return {
		id: kit.id,
		name: kit.name,
		configuration_id: kit.configurationId,
		state: kit.state,
		kit_order: JSON.stringify(kit.order),
		answer: JSON.stringify(kit.answer),
		version: kit.version,
		stands_on: JSON.stringify(kit.standsOn),
		life: JSON.stringify(kit.life),
		extra: JSON.stringify(kit.extra),
		created_at: kit.createdAt,
		updated_at: kit.updatedAt
	};
}

/** Kits, the last touched first; of one configuration when one is named. */
export async function listKits(db: Knex, configurationId?: string): Promise<StoredKit[]> {
	const query = db('kits').orderBy([{ column: 'updated_at', order: 'desc' }, 'id']);
	const rows: KitRow[] = await (configurationId === undefined
		? query
		: query.where({ configuration_id: configurationId }));
	return rows.map(fromRow);
}

/** One kit, or null. */
export async function findKit(db: Knex, id: string): Promise<StoredKit | null> {
	const row: KitRow | undefined = await db('kits').where({ id }).first();
	return row ? fromRow(row) : null;
}

/** Writes a new kit. */
export async function addKit(tx: Tx, kit: StoredKit): Promise<StoredKit> {
	await tx('kits').insert(toRow(kit));
	return kit;
}

/** Writes a kit over the version it was made from; null when somebody else has changed it since. */
export async function updateKit(tx: Tx, kit: StoredKit): Promise<StoredKit | null> {
	const next = { ...kit, version: kit.version + 1 };
	const { id, ...row } = toRow(next);
	const written = await tx('kits').where({ id, version: kit.version }).update(row);
	return written === 1 ? next : null;
}

/** Gives the kits of a vehicle to another one. */
export async function moveKits(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	await tx('kits').where({ configuration_id: from }).increment('version', 1).update({ configuration_id: to });
}

/** Revisions of a kit, the first one first. */
export async function listRevisions(db: Knex, kitId: string): Promise<KitRevision[]> {
	const rows = await db('kit_revisions').where({ kit_id: kitId }).orderBy('revision');
	return rows.map((row) => ({
		kitId: row.kit_id,
		revision: row.revision,
		code: row.code,
		releasedAt: row.released_at,
		document: JSON.parse(row.document)
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
		document: JSON.stringify(revision.document)
	});
}
