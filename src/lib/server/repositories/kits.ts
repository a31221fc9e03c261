import type { Knex } from 'knex';
import { removeRows, writeRows } from '../db/bulk';
import { idsWith, plainWords } from '../db/text-search';
import { branchOf, ofBranch } from '../db/branch';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import type { KitOrder } from '../../core/model';
import { anyCharacter } from './packs';
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
	/** Whose shelves, prices and policy it is worked out by: a branch, or null for the first one. */
	branch: string | null;
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

interface KitRow {
	id: string;
	name: string;
	configuration_id: string;
	branch_id: string | null;
	state: StoredKit['state'];
	kit_order: string;
	answer: string;
	/** Price, minor units, and places left open, for lists. */
	total: number;
	open_places: number;
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
		branch: row.branch_id,
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
		branch_id: kit.branch,
		state: kit.state,
		kit_order: JSON.stringify(kit.order),
		answer: JSON.stringify(kit.answer),
		total: kit.answer.total,
		open_places: kit.answer.open.length,
		version: kit.version,
		stands_on: JSON.stringify(kit.standsOn),
		life: JSON.stringify(kit.life),
		extra: JSON.stringify(kit.extra),
		created_at: kit.createdAt,
		updated_at: kit.updatedAt
	};
}

/** In the order of an index, read from its end. */
export const LAST_TOUCHED_FIRST = [
	{ column: 'kits.updated_at', order: 'desc' },
	{ column: 'kits.id', order: 'desc' }
] as const;

/** All kits, the last touched first. For exports: pages ask for what they show. */
export async function listKits(db: Knex): Promise<StoredKit[]> {
	const rows: KitRow[] = await db('kits').orderBy([...LAST_TOUCHED_FIRST]);
	return rows.map(fromRow);
}

/** Kits of a configuration, the last touched first. */
export async function kitsOf(db: Knex, configurationId: string): Promise<StoredKit[]> {
	const rows: KitRow[] = await db('kits')
		.where({ configuration_id: configurationId })
		.orderBy([...LAST_TOUCHED_FIRST]);
	return rows.map(fromRow);
}

/** Kits of a configuration that are worked on where the database is seen from, the last touched first. */
export const kitsHere = async (db: Knex, configurationId: string): Promise<StoredKit[]> =>
	(await kitsOf(db, configurationId)).filter(({ branch }) => branch === branchOf(db));

/** Kits that do for a configuration: its own, and those of others that say so. */
export async function kitsFor(db: Knex, configurationId: string): Promise<StoredKit[]> {
	const rows: KitRow[] = await db('kits')
		.where({ configuration_id: configurationId })
		.orWhereIn('id', db('kit_also').where({ configuration_id: configurationId }).select('kit_id'))
		.orderBy([...LAST_TOUCHED_FIRST]);
	return rows.map(fromRow);
}

/** Money that waits in the drafts of vehicles, minor units, by vehicle. */
export async function draftTotals(db: Knex, configurations: readonly string[]): Promise<Map<string, number>> {
	const rows = await inParts<string, { configuration_id: string; total: number }>([...new Set(configurations)], (ids) =>
		db('kits')
			.whereIn('configuration_id', ids)
			.whereIn('state', ['draft', 'checked'])
			.groupBy('configuration_id')
			.select('configuration_id')
			.sum({ total: 'total' })
	);
	return new Map(rows.map(({ configuration_id, total }) => [configuration_id, Number(total)]));
}

/** A kit as lists show it, without its answer. */
export interface KitSummary {
	id: string;
	name: string;
	configurationId: string;
	branch: string | null;
	state: StoredKit['state'];
	/** Minor units. */
	total: number;
	openPlaces: number;
	/** Of the last revision; null when nothing was released. */
	code: string | null;
	updatedAt: string;
}

/** Which kits somebody looks for: all, those of a configuration, or those whose name, code or vehicle holds what is typed. */
export interface KitWish {
	configurationId?: string;
	states?: readonly StoredKit['state'][];
	typed?: string;
	/** Only those of where the database is seen from. */
	isHere?: boolean;
}

function matchingKits(db: Knex, { configurationId, states, typed = '', isHere = false }: KitWish): Knex.QueryBuilder {
	const query = db('kits');
	if (configurationId !== undefined) void query.where({ configuration_id: configurationId });
	if (states) void query.whereIn('state', states);
	if (isHere) void query.where(ofBranch(db, 'kits'));
	for (const word of typed.toLowerCase().split(/\s+/).filter(Boolean)) {
		const like = `%${anyCharacter(word)}%`;
		const words = plainWords([word]).map((part) => [part]);
		void query.where((one) => {
			void one
				.whereILike('kits.name', like)
				.orWhereIn('kits.id', db('kit_revisions').whereILike('code', like).select('kit_id'));
			if (words.length > 0) void one.orWhereIn('kits.configuration_id', idsWith(db, 'configuration_search', words));
		});
	}
	return query;
}

/** Some kits, the last touched first. */
export async function someKits(
	db: Knex,
	{ from, most, ...wish }: KitWish & { from: number; most: number }
): Promise<KitSummary[]> {
	const rows: KitRow[] = await matchingKits(db, wish)
		.orderBy([...LAST_TOUCHED_FIRST])
		.offset(from)
		.limit(most)
		.select('id', 'name', 'configuration_id', 'branch_id', 'state', 'total', 'open_places', 'updated_at');
	const codes: { kit_id: string; code: string }[] = await db('kit_revisions')
		.whereIn(
			'kit_id',
			rows.map(({ id }) => id)
		)
		.orderBy('revision')
		.select('kit_id', 'code');
	const last = new Map(codes.map(({ kit_id, code }) => [kit_id, code]));
	return rows.map((row) => ({
		id: row.id,
		name: row.name,
		configurationId: row.configuration_id,
		branch: row.branch_id,
		state: row.state,
		total: row.total,
		openPlaces: row.open_places,
		code: last.get(row.id) ?? null,
		updatedAt: row.updated_at
	}));
}

/** How many kits there are of those somebody looks for. */
export async function countKits(db: Knex, wish: KitWish): Promise<number> {
	const [count] = await matchingKits(db, wish).count({ n: '*' });
	return Number(count?.n ?? 0);
}

/** Writes what a kit is found by: what is in it, and for which other configurations it does. */
async function putLinks(tx: Tx, { id, answer, life }: StoredKit): Promise<void> {
	const items = new Set(answer.lines.flatMap(({ product, accessory }) => product ?? accessory ?? []));
	for (const table of ['kit_items', 'kit_also']) await removeRows(tx, { table, column: 'kit_id' }, [id]);
	await writeRows(
		tx,
		{ table: 'kit_items' },
		[...items].map((item) => ({ kit_id: id, item }))
	);
	await writeRows(
		tx,
		{ table: 'kit_also' },
		[...new Set(life.also)].map((other) => ({ kit_id: id, configuration_id: other }))
	);
}

/** One kit, or null. */
export async function findKit(db: Knex, id: string): Promise<StoredKit | null> {
	const row: KitRow | undefined = await db('kits').where({ id }).first();
	return row ? fromRow(row) : null;
}

/** Writes a new kit. */
export async function addKit(tx: Tx, kit: StoredKit): Promise<StoredKit> {
	await tx('kits').insert(toRow(kit));
	await putLinks(tx, kit);
	return kit;
}

/** Writes a kit over the version it was made from; null when somebody else has changed it since. */
export async function updateKit(tx: Tx, kit: StoredKit): Promise<StoredKit | null> {
	const next = { ...kit, version: kit.version + 1 };
	const { id, ...row } = toRow(next);
	const written = await tx('kits').where({ id, version: kit.version }).update(row);
	if (written !== 1) return null;
	await putLinks(tx, next);
	return next;
}

/** Gives the kits of a vehicle to another one. */
export async function moveKits(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	await tx('kits').where({ configuration_id: from }).increment('version', 1).update({ configuration_id: to });
}
