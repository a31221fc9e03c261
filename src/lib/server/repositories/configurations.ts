import type { Knex } from 'knex';
import type { Configuration } from '../../core/model';
import { openQuestions, unitIdsOf, withoutUnit, withUnit } from '../../core/vehicle';
import { searchWords } from './search';
import { listUnits, unitsById } from './units';

interface Row {
	id: string;
	make: string;
	model: string;
	kind: string;
	document: string;
}

const read = (row: Pick<Row, 'document'>): Configuration => JSON.parse(row.document);

/** All configurations, by make, model and id. */
export async function listConfigurations(db: Knex): Promise<Configuration[]> {
	const rows: Row[] = await db('configurations').orderBy(['make', 'model', 'id']);
	const units = new Map((await listUnits(db)).map((unit) => [unit.id as string, unit]));
	return rows.map(read).map((c) => ({ ...c, sockets: c.sockets.map((s) => withUnit(s, units)) }));
}

/** The first configurations by make, model and id, and how many there are. */
export async function firstConfigurations(
	db: Knex,
	most: number
): Promise<{ configurations: Configuration[]; total: number }> {
	const rows: Row[] = await db('configurations').orderBy(['make', 'model', 'id']).limit(most);
	const [count] = await db('configurations').count({ n: '*' });
	return {
		configurations: await Promise.all(rows.map((row) => composed(db, read(row)))),
		total: Number(count?.n ?? 0)
	};
}

/** A configuration as it is kept, without what shared lamp units keep for it; null when it is not there. */
export async function findStored(db: Knex, id: string): Promise<Configuration | null> {
	const row = await db('configurations').where({ id }).first('document');
	return row ? read(row) : null;
}

/** A stored configuration with the facts of its shared lamp units. */
export async function composed(db: Knex, stored: Configuration): Promise<Configuration> {
	const ids = unitIdsOf(stored);
	if (ids.length === 0) return stored;
	const units = await unitsById(db, ids);
	return { ...stored, sockets: stored.sockets.map((socket) => withUnit(socket, units)) };
}

/** One configuration, or null. */
export async function findConfiguration(db: Knex, id: string): Promise<Configuration | null> {
	const stored = await findStored(db, id);
	return stored && composed(db, stored);
}

/** Several configurations, in the order of their ids; those not there are left out. */
export async function findConfigurations(db: Knex, ids: readonly string[]): Promise<Configuration[]> {
	const found = await Promise.all(ids.map((id) => findConfiguration(db, id)));
	return found.filter((c) => c !== null);
}

/** Writes the index of open questions of a configuration anew. */
export async function indexQuestions(db: Knex, configuration: Configuration): Promise<void> {
	const rows = openQuestions(configuration).map(({ subject, fact }) => ({
		configuration_id: configuration.id,
		subject_kind: subject.kind,
		subject: subject.id,
		fact
	}));
	await db('open_questions').where({ configuration_id: configuration.id }).delete();
	if (rows.length > 0) await db('open_questions').insert(rows);
}

/** Writes a configuration whole, new or in place of the one with its id, and what it is found by. */
export async function putConfiguration(db: Knex, c: Configuration): Promise<void> {
	const stored = { ...c, sockets: c.sockets.map(withoutUnit) };
	const row: Row = { id: c.id, make: c.make, model: c.model, kind: c.kind, document: JSON.stringify(stored) };
	await db('configurations').insert(row).onConflict('id').merge();
	await db('configuration_search').where({ id: c.id }).delete();
	await db('configuration_search').insert({ id: c.id, words: searchWords(c) });
	await db('unit_uses').where({ configuration_id: c.id }).delete();
	const uses = unitIdsOf(c).map((unit_id) => ({ unit_id, configuration_id: c.id }));
	if (uses.length > 0) await db('unit_uses').insert(uses);
	await indexQuestions(db, uses.length > 0 ? await composed(db, stored) : c);
}

/** Takes a configuration out, and what it was found by. */
export async function deleteConfiguration(db: Knex, id: string): Promise<void> {
	await db('configuration_search').where({ id }).delete();
	await db('configurations').where({ id }).delete();
}
