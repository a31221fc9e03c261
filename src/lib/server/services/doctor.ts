import { statfsSync } from 'node:fs';
import type { Knex } from 'knex';
import { readDocument } from '../../core/exchange';
import { bytesText, counted } from '../../core/quantity';
import { databaseFailure } from '../db/failure';
import { engineOf } from '../db/engines';
import { placeOf } from '../db/places';
import { clockSteps, eventedRecords, eventsAfter } from '../repositories/events';
import { listBackups } from './backups';
import { exportAll } from './exchange';
import { patched } from './record/patches';
import { ACCESSORIES, CONFIGURATIONS, PRODUCTS, UNITS, type Store } from './record/store';

/** One thing the doctor looked at. */
export interface Check {
	name: string;
	ok: boolean;
	words: string;
}

/** Who looks at what. A new check is a function here. */
type Look = (db: Knex, folder: string) => Promise<Omit<Check, 'name'>>;

const good = (words: string) => ({ ok: true, words });
const bad = (words: string) => ({ ok: false, words });

const DAY_MS = 24 * 3600 * 1000;
/** Older than this, nobody has backed up for a while; less room than this is little. */
const OLD_BACKUP_MS = 2 * DAY_MS;
const LITTLE_ROOM = 500_000_000;
/** A write-ahead log this large has not been taken in for long. */
const LARGE_LOG = 200_000_000;

const file: Look = async (db) => {
	const { fault, strays } = await engineOf(db).faults(db);
	if (fault) return bad(`The database is damaged: ${fault}. Restore a backup.`);
	return strays.length > 0
		? bad(`${counted(strays.length, 'row')} point at nothing: ${strays.slice(0, 3).join(', ')}.`)
		: good('The database is whole, and every row points at something.');
};

const STORES: readonly Store<never>[] = [CONFIGURATIONS, UNITS, PRODUCTS, ACCESSORIES] as unknown as Store<never>[];

/** Every record goes back by its events to where it began, and forward again to where it is. */
const history: Look = async (db) => {
	let looked = 0;
	for (const store of STORES as unknown as Store<{ id: string }>[])
		for (const id of await eventedRecords(db, store.name(''))) {
			const now = await store.find(db, id);
			if (!now) continue;
			const events = await eventsAfter(db, store.name(id), 0);
			try {
				const first = events.reduce<object>((state, { backward }) => patched(state, backward), now);
				const again = [...events].reverse().reduce<object>((state, { forward }) => patched(state, forward), first);
				if (JSON.stringify(sorted(again)) !== JSON.stringify(sorted(now)))
					return bad(`The history of ${id} does not lead to where it is.`);
			} catch {
				return bad(`The history of ${id} does not fit its record.`);
			}
			looked += 1;
		}
	return good(`${counted(looked, 'history', 'histories')} lead to where the records are.`);
};

/** A value with its fields in one order. */
function sorted(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(sorted);
	if (value === null || typeof value !== 'object') return value;
	return Object.fromEntries(
		Object.entries(value)
			.sort(([a], [b]) => a.localeCompare(b))
			.map(([key, inner]) => [key, sorted(inner)])
	);
}

const exported: Look = async (db) => {
	const read = readDocument(JSON.parse(JSON.stringify(await exportAll(db))));
	return read.ok
		? good('What is exported can be read in again.')
		: bad(`The export does not read back: ${read.error[0]?.path}: ${read.error[0]?.message}.`);
};

/** Tables whose rows belong to another one's, and by which column. */
const BELONGS: readonly [table: string, column: string, to: string][] = [
	['kits', 'configuration_id', 'configurations'],
	['configuration_search', 'id', 'configurations'],
	['product_fits', 'product_id', 'products'],
	['unit_uses', 'unit_id', 'units'],
	['open_questions', 'configuration_id', 'configurations'],
	['kit_revisions', 'kit_id', 'kits'],
	['fittings', 'configuration_id', 'configurations'],
	['fitting_marks', 'fitting_id', 'fittings']
];

const orphans: Look = async (db) => {
	for (const [table, column, to] of BELONGS) {
		const [row] = await db(table).whereNotIn(column, db(to).select('id')).count({ n: '*' });
		const left = Number(row?.n ?? 0);
		if (left > 0) return bad(`${counted(left, 'row')} of ${table} belong to nothing in ${to}.`);
	}
	return good('Nothing is left over from what is gone.');
};

const clock: Look = async (db) => {
	const [first] = await clockSteps(db);
	return first
		? bad(
				`The clock ran back at event ${first.id} (${first.at}, after ${first.before}). Events stand in the order of their numbers.`
			)
		: good('The clock has never run back.');
};

const backups: Look = async (_db, folder) => {
	const [last] = listBackups(folder);
	if (!last) return bad('There is no backup yet: rotalux backup.');
	const words = `The last backup is of ${last.at}, ${bytesText(last.bytes)}.`;
	return Date.now() - Date.parse(last.at) > OLD_BACKUP_MS ? bad(words) : good(words);
};

const room: Look = async (_db, folder) => {
	const { bavail, bsize } = statfsSync(folder);
	const [free, waiting] = [bavail * bsize, placeOf(folder).waitingBytes()];
	if (waiting === null) {
		const words = `${bytesText(free)} are free here, for backups; the server looks after its own disk.`;
		return free < LITTLE_ROOM ? bad(words) : good(words);
	}
	const words = `${bytesText(free)} are free; ${bytesText(waiting)} of the write-ahead log wait to be taken in.`;
	return free < LITTLE_ROOM || waiting > LARGE_LOG ? bad(words) : good(words);
};

const LOOKS: Readonly<Record<string, Look>> = { file, orphans, history, export: exported, clock, backups, room };

/** A look that fails over damage has found it. */
async function looked(look: Look, db: Knex, folder: string): ReturnType<Look> {
	try {
		return await look(db, folder);
	} catch (error) {
		const why =
			databaseFailure(error) ?? `It cannot be read (${(error as Error).message.split('\n')[0]?.slice(0, 100)}).`;
		return { ok: false, words: why };
	}
}

/** What the doctor found. */
export interface Examined {
	ok: boolean;
	checks: Check[];
}

/** Looks a data folder over: every check with what was found. */
export async function examine(db: Knex, folder: string): Promise<Examined> {
	const checks: Check[] = [];
	for (const [name, look] of Object.entries(LOOKS)) checks.push({ name, ...(await looked(look, db, folder)) });
	return { ok: checks.every(({ ok }) => ok), checks };
}
