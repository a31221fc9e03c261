import type { Knex } from 'knex';
import { removeRows, writeRows, type Row as DbRow } from '../db/bulk';
import type { Tx } from '../db/change';
import { dropWords, putWords } from '../db/text-search';
import type { Configuration, Unit } from '../../core/model';
import { openQuestions, unitIdsOf, vehicleName, withoutUnit, withUnit } from '../../core/vehicle';
import { readOnce } from '../request-here';
import { markOf } from './marks';
import { searchWords } from './search';
import { raiseMark } from './settings';
import { listUnits, unitsById } from './units';

interface Row {
	id: string;
	make: string;
	model: string;
	kind: string;
	name: string;
	document: string;
}

/** As many configurations as are looked at beside one another. */
const MAX_NEAR = 60;

const read = (row: Pick<Row, 'document'>): Configuration => JSON.parse(row.document);

/** All configurations, by make, model and id. */
export async function listConfigurations(db: Knex): Promise<Configuration[]> {
	const rows: Row[] = await db('configurations').orderBy(['make', 'model', 'id']);
	const units = new Map((await listUnits(db)).map((unit) => [unit.id as string, unit]));
	return rows.map(read).map((c) => ({ ...c, sockets: c.sockets.map((s) => withUnit(s, units)) }));
}

/** A page of the configurations by make, model and id, and how many there are. */
export async function pageOfConfigurations(
	db: Knex,
	{ from, most }: { from: number; most: number }
): Promise<{ configurations: Configuration[]; total: number }> {
	const rows: Row[] = await db('configurations').orderBy(['make', 'model', 'id']).offset(from).limit(most);
	const [count] = await db('configurations').count({ n: '*' });
	return {
		configurations: await composedAll(db, rows.map(read)),
		total: Number(count?.n ?? 0)
	};
}

/** A configuration by its name, as lists show it. */
export interface NamedConfiguration {
	id: string;
	name: string;
	make: string;
}

/** Names of configurations, by id; those not there are left out. */
export async function configurationNames(db: Knex, ids: readonly string[]): Promise<Map<string, string>> {
	if (ids.length === 0) return new Map();
	const rows: Pick<Row, 'id' | 'name'>[] = await db('configurations').whereIn('id', ids).select('id', 'name');
	return new Map(rows.map(({ id, name }) => [id, name]));
}

/** Configurations that a record is likely to be compared with: of its model, of its make, of its kind; the nearest first. */
export async function nearConfigurations(
	db: Knex,
	{ id, make, model, kind }: Pick<Configuration, 'id' | 'make' | 'model' | 'kind'>
): Promise<NamedConfiguration[]> {
	const tiers = [{ make, model }, { make, kind }, { make }, { kind }];
	const found = new Map<string, NamedConfiguration>();
	for (const tier of tiers) {
		if (found.size >= MAX_NEAR) break;
		const rows: NamedConfiguration[] = await db('configurations')
			.where(tier)
			.whereNot({ id })
			.orderBy(['make', 'model', 'id'])
			.limit(MAX_NEAR)
			.select('id', 'name', 'make');
		for (const row of rows) if (!found.has(row.id) && found.size < MAX_NEAR) found.set(row.id, row);
	}
	return [...found.values()];
}

/** Configurations of a model. */
export async function configurationsOf(db: Knex, model: { make: string; model: string }): Promise<Configuration[]> {
	const rows: Row[] = await db('configurations').where(model).orderBy('id');
	return composedAll(db, rows.map(read));
}

/** A configuration as it is kept, without what shared lamp units keep for it; null when it is not there. */
export async function findStored(db: Knex, id: string): Promise<Configuration | null> {
	const row = await db('configurations').where({ id }).first('document');
	return row ? read(row) : null;
}

/** A stored configuration with the facts of its shared lamp units. */
export async function composed(
	db: Knex,
	stored: Configuration,
	coming: ReadonlyMap<string, Unit> = new Map()
): Promise<Configuration> {
	const [whole] = await composedAll(db, [stored], coming);
	return whole as Configuration;
}

/** Stored configurations, each with the facts of its shared lamp units. */
async function composedAll(
	db: Knex,
	stored: readonly Configuration[],
	coming: ReadonlyMap<string, Unit> = new Map()
): Promise<Configuration[]> {
	const ids = [...new Set(stored.flatMap(unitIdsOf))];
	if (ids.length === 0) return [...stored];
	const units = new Map([...(await unitsById(db, ids)), ...coming]);
	return stored.map((one) => ({ ...one, sockets: one.sockets.map((socket) => withUnit(socket, units)) }));
}

/** One configuration, or null. */
export async function findConfiguration(db: Knex, id: string): Promise<Configuration | null> {
	return readOnce(db, `configuration ${id}`, async () => {
		const stored = await findStored(db, id);
		return stored && composed(db, stored);
	});
}

/** Several configurations, in the order of their ids; those not there are left out. */
export async function findConfigurations(db: Knex, ids: readonly string[]): Promise<Configuration[]> {
	if (ids.length === 0) return [];
	return readOnce(db, `configurations ${ids.join()}`, async () => {
		const rows: Row[] = await db('configurations').whereIn('id', ids).select('document');
		const stored = new Map(rows.map(read).map((one) => [one.id as string, one]));
		return composedAll(
			db,
			ids.flatMap((id) => stored.get(id) ?? [])
		);
	});
}

const questionRows = (c: Configuration) =>
	openQuestions(c).map(({ subject, fact }) => ({
		configuration_id: c.id as string,
		subject_kind: subject.kind,
		subject: subject.id,
		fact
	}));

/** Writes the index of open questions of a configuration anew, whose shared lamp unit was changed. */
export async function indexQuestions(tx: Tx, configuration: Configuration): Promise<void> {
	await removeRows(tx, { table: 'open_questions', column: 'configuration_id' }, [configuration.id]);
	await writeRows(tx, { table: 'open_questions' }, questionRows(configuration));
	await tx('configurations')
		.where({ id: configuration.id })
		.update({ mark: markOf(tx) });
}

/** All that is written for a configuration; null what stays as it is. */
export interface ConfigurationRows {
	row: Row;
	words: string | null;
	units: string[] | null;
	questions: ReturnType<typeof questionRows> | null;
}

/** A configuration as it is kept: without what shared lamp units keep for it. */
export const asKept = (c: Configuration): Configuration => ({ ...c, sockets: c.sockets.map(withoutUnit) });

const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/**
 * Works out what is to be written for a configuration.
 * @param before as it is kept, in the middle of a change; what is the same of it need not be written. Null where it is new, or may be taken away meanwhile
 * @param coming units that are about to be written, beside those that are there
 */
export async function configurationRows(
	db: Knex,
	c: Configuration,
	{ before, coming = new Map() }: { before: Configuration | null; coming?: ReadonlyMap<string, Unit> }
): Promise<ConfigurationRows> {
	const stored = asKept(c);
	const units = unitIdsOf(c);
	const questionsOf = async (one: Configuration) =>
		questionRows(unitIdsOf(one).length > 0 ? await composed(db, one, coming) : one);
	const questions = await questionsOf(stored);
	return {
		row: {
			id: c.id,
			make: c.make,
			model: c.model,
			kind: c.kind,
			name: vehicleName(c),
			document: JSON.stringify(stored)
		},
		words: before && searchWords(before) === searchWords(c) ? null : searchWords(c),
		units: before && isSame(unitIdsOf(before), units) ? null : units,
		questions: before && isSame(await questionsOf(before), questions) ? null : questions
	};
}

/** Writes the rows of a table that belong to configurations anew; a configuration whose rows stay has null for them. */
async function putRowsOf(
	tx: Tx,
	table: 'unit_uses' | 'open_questions',
	all: readonly { id: string; rows: readonly DbRow[] | null }[]
): Promise<void> {
	const changed = all.filter(({ rows }) => rows !== null);
	if (changed.length === 0) return;
	await removeRows(
		tx,
		{ table, column: 'configuration_id' },
		changed.map(({ id }) => id)
	);
	await writeRows(
		tx,
		{ table },
		changed.flatMap(({ rows }) => rows ?? [])
	);
}

/** Writes configurations whole, new or in place of those with their ids, and what they are found by. */
export async function putConfigurations(tx: Tx, all: readonly ConfigurationRows[]): Promise<void> {
	if (all.length === 0) return;
	const mark = markOf(tx);
	await writeRows(
		tx,
		{ table: 'configurations', key: ['id'] },
		all.map(({ row }) => ({ ...row, mark }))
	);
	const worded = all.flatMap(({ row, words }) => (words === null ? [] : { id: row.id, words }));
	if (worded.length > 0) {
		await raiseMark(tx, 'vehicles');
		await putWords(tx, 'configuration_search', worded);
	}
	const usesOf = ({ row: { id }, units }: ConfigurationRows) =>
		units?.map((unit_id) => ({ unit_id, configuration_id: id })) ?? null;
	await putRowsOf(
		tx,
		'unit_uses',
		all.map((one) => ({ id: one.row.id, rows: usesOf(one) }))
	);
	await putRowsOf(
		tx,
		'open_questions',
		all.map(({ row: { id }, questions: rows }) => ({ id, rows }))
	);
}

/** Takes a configuration out, and what it was found by. */
export async function deleteConfiguration(db: Tx, id: string): Promise<void> {
	await dropWords(db, 'configuration_search', [id]);
	await db('configurations').where({ id }).delete();
	await raiseMark(db, 'vehicles');
}
