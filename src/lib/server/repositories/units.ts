import type { Knex } from 'knex';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import type { Unit } from '../../core/model';

const read = (row: { document: string }): Unit => JSON.parse(row.document);

/** All shared lamp units, by name. */
export async function listUnits(db: Knex): Promise<Unit[]> {
	return (await db('units').orderBy(['name', 'id']).select('document')).map(read);
}

/** Shared lamp units by id. */
export async function unitsById(db: Knex, ids: readonly string[]): Promise<Map<string, Unit>> {
	const rows: { document: string }[] = await db('units').whereIn('id', ids).select('document');
	return new Map(rows.map(read).map((unit) => [unit.id, unit]));
}

/** Writes shared lamp units whole. */
export async function putUnits(tx: Tx, units: readonly Unit[]): Promise<void> {
	const rows = units.map((unit) => ({ id: unit.id, name: unit.name, document: JSON.stringify(unit) }));
	await writeRows(tx, { table: 'units', key: ['id'] }, rows);
}

/** Ids of the configurations that have a unit. */
export async function usersOfUnit(db: Knex, id: string): Promise<string[]> {
	const rows: { configuration_id: string }[] = await db('unit_uses').where({ unit_id: id }).orderBy('configuration_id');
	return rows.map((row) => row.configuration_id);
}
