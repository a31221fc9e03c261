import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Knex } from 'knex';
import { PRACTICE_FOLDER } from '../config';
import { writeRows, type Row } from '../db/bulk';
import { changeAlways, whileNobodyWrites, type Tx } from '../db/change';
import { openAt } from '../db/connection';
import { engineOf } from '../db/engines';
import { Trouble } from '../db/failure';
import { keptText } from '../db/kept-text';
import type { Place } from '../db/place';
import { placeAt } from '../db/places';
import { keepAside, removeFile } from '../db/sqlite/place';
import { COUNTED, TABLE_NAMES, TABLES, type TableName } from '../db/tables';
import { putWords, WORD_TABLES, type WordRow, type WordTable } from '../db/text-search';
import { ADDRESS_FILE, besideAddress, DATABASE_FILE, serverAt, whereIs, type Where } from '../db/where';
import { changesSoFar } from '../repositories/marks';

/** What a move did. */
export interface Moved {
	to: string;
	/** Rows of each table that has any, as they were counted on both sides. */
	tables: Record<string, number>;
	/** Where the file is kept that the data were in; null when they were on a server. */
	kept: string | null;
}

/** Rows that are read, written and compared at a time. */
const AT_ONCE = 500;
const WORDS: ReadonlySet<string> = new Set(WORD_TABLES);

/** Where data go: an address on a server, or else a folder. */
interface Target {
	where: Where;
	folder: string;
	/** What is written into the folder the data were in, so that they are found again; null when they are in a folder. */
	address: string | null;
}

function targetAt(to: string, folder: string): Target {
	if (/^\w+:\/\//.test(to)) return { where: serverAt(to, '--to'), folder, address: to };
	const at = resolve(to);
	return { where: { engine: 'sqlite', file: join(at, DATABASE_FILE) }, folder: at, address: null };
}

const practiceOf = ({ folder, address }: Target): Target => {
	const at = join(folder, PRACTICE_FOLDER);
	return address === null ? targetAt(at, at) : targetAt(besideAddress(address, PRACTICE_FOLDER), at);
};

/** A cell as both engines keep it. */
function plain(cell: unknown): Row[string] {
	if (typeof cell === 'boolean') return cell ? 1 : 0;
	return typeof cell === 'string' ? keptText(cell) : (cell as Row[string]);
}

const columnsOf = (table: TableName) => (WORDS.has(table) ? ['id', 'words'] : '*');

/** The rows of a table in their order, in parts. */
async function* partsOf(db: Knex, table: TableName): AsyncGenerator<Row[]> {
	for (let at = 0; ; at += AT_ONCE) {
		const rows: object[] = await db(table)
			.select(columnsOf(table))
			.orderBy([...TABLES[table]])
			.offset(at)
			.limit(AT_ONCE);
		if (rows.length === 0) return;
		yield rows.map((row) => Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, plain(cell)])));
	}
}

/** How many rows a table has, and what they come to, in short. */
interface Sum {
	rows: number;
	digest: string;
}

async function sumOf(db: Knex, table: TableName): Promise<Sum> {
	const digest = createHash('sha256');
	let rows = 0;
	for await (const part of partsOf(db, table)) {
		rows += part.length;
		for (const row of part) {
			const cells = Object.keys(row)
				.sort()
				.map((name) => [name, row[name] instanceof Uint8Array ? Buffer.from(row[name]).toString('hex') : row[name]]);
			digest.update(JSON.stringify(cells));
		}
	}
	return { rows, digest: digest.digest('hex') };
}

const isEmpty = async (db: Knex): Promise<boolean> => {
	for (const table of TABLE_NAMES) if ((await db(table).first(TABLES[table][0])) !== undefined) return false;
	return true;
};

/** Rows of each table that has any, where both sides are equal; null when they are not. */
async function alike(one: Knex, other: Knex, changes: number): Promise<Record<string, number> | null> {
	if (changes !== (await changesSoFar(other))) return null;
	const tables: Record<string, number> = {};
	for (const table of TABLE_NAMES) {
		const [here, there] = [await sumOf(one, table), await sumOf(other, table)];
		if (here.digest !== there.digest) return null;
		if (here.rows > 0) tables[table] = here.rows;
	}
	return tables;
}

/** Where data come from. */
interface Source {
	where: Where;
	folder: string;
}

/** Told of each table that is equal on both sides. */
type Said = (table: string, rows: number) => void;

/** Copies every table, and compares what came of it with what was there, inside one change of the target. */
async function copyAll(
	{ from, changes }: { from: Knex; changes: number },
	tx: Tx,
	said: Said
): Promise<Record<string, number>> {
	const tables: Record<string, number> = {};
	for (const table of TABLE_NAMES) {
		for await (const part of partsOf(from, table))
			if (WORDS.has(table)) await putWords(tx, table as WordTable, part as unknown as WordRow[]);
			else await writeRows(tx, { table }, part);
		const [there, here] = [await sumOf(from, table), await sumOf(tx, table)];
		if (there.rows !== here.rows || there.digest !== here.digest)
			throw new Trouble(
				`${table} did not come over as it was (${there.rows} rows, ${here.rows} came). Nothing was changed.`
			);
		if (here.rows > 0) {
			tables[table] = here.rows;
			said(table, here.rows);
		}
	}
	for (const [table, column] of COUNTED) await engineOf(tx).countOn(tx, table, column);
	await tx('writes').update({ number: changes });
	return tables;
}

/** Where data are written: a file gets its name when all of it is there. */
const arrival = ({ where }: Target): Place =>
	placeAt(where.engine === 'sqlite' && !existsSync(where.file) ? { ...where, file: `${where.file}.coming` } : where);

function clearComing({ where }: Target): void {
	if (where.engine === 'sqlite') removeFile(`${where.file}.coming`);
}

/** Copies what is not there yet: a move that was cut off when all had come is taken up by the next one. */
async function copy(source: Source, target: Target, said: Said): Promise<Record<string, number>> {
	const from = await openAt(placeAt(source.where), source.folder);
	try {
		clearComing(target);
		const place = arrival(target);
		const to = await openAt(place, target.folder);
		try {
			return await whileNobodyWrites(from, async (looked) => {
				// The look counts as a change itself until it is undone.
				const changes = (await changesSoFar(looked)) - 1;
				if (await isEmpty(to)) {
					const copied = await changeAlways(to, (tx) => copyAll({ from: looked, changes }, tx, said));
					await engineOf(to).takeStock(to);
					return copied;
				}
				const there = await alike(looked, to, changes);
				if (there) return there;
				throw new Trouble(`There are other data at ${place.words} already. Nothing was changed; name another place.`);
			});
		} finally {
			await to.destroy();
		}
	} finally {
		await from.destroy();
	}
}

/** A file that came gets its name. */
function nameFile({ where }: Target): void {
	if (where.engine === 'sqlite' && existsSync(`${where.file}.coming`)) renameSync(`${where.file}.coming`, where.file);
}

/** From here on the data of a folder are where they went; a file they were in is kept beside. */
function goThere(folder: string, { folder: at, address }: Target): string | null {
	if (address === null) {
		rmSync(join(at, ADDRESS_FILE), { force: true });
		return null;
	}
	writeFileSync(join(folder, ADDRESS_FILE), `${address}\n`, { mode: 0o600 });
	return keepAside(join(folder, DATABASE_FILE), 'moved');
}

/**
 * Moves all data of a folder to a server, or from a server into a folder: everything, the practice too, counted and compared table by table.
 * Nobody serves either side meanwhile. Where it fails the data are where they were; cut off, it is taken up when it is asked for again.
 * @param to an address on a server, or a folder
 * @throws Trouble with one sentence
 */
export async function moveData(folder: string, to: string, said: Said = () => undefined): Promise<Moved> {
	const source = { where: whereIs(folder), folder };
	const target = targetAt(to, folder);
	if (!placeAt(source.where).isThere()) throw new Trouble(`There are no data in ${folder} to move.`);
	if (JSON.stringify(source.where) === JSON.stringify(target.where)) throw new Trouble('The data are there already.');
	const giveBack = [await placeAt(source.where).hold('a move', 'to-replace')];
	try {
		mkdirSync(target.folder, { recursive: true });
		giveBack.push(await placeAt(target.where).hold('a move', 'to-replace'));
		const practised = join(folder, PRACTICE_FOLDER);
		const practice = existsSync(practised) ? { where: whereIs(practised), folder: practised } : null;
		const practiceTarget = practiceOf(target);
		// The shop comes last: as long as it is not there, nothing is.
		if (practice && placeAt(practice.where).isThere())
			await copy(practice, practiceTarget, (table, rows) => said(`practice: ${table}`, rows));
		const tables = await copy(source, target, said);
		nameFile(practiceTarget);
		nameFile(target);
		if (practice) goThere(practised, practiceTarget);
		return { to, tables, kept: goThere(folder, target) };
	} finally {
		for (const give of giveBack.reverse()) await give();
		clearComing(target);
	}
}
