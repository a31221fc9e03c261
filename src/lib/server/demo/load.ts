import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Knex } from 'knex';
import { type RotaluxDocument } from '../../core/model';
import { readDocument } from '../../core/exchange';
import { err, ok, summarise, type Result } from '../../core/result';
import { DATABASE_FILE, openDatabase } from '../db/connection';
import { listConfigurations } from '../repositories/configurations';
import { readSetting, writeSetting } from '../repositories/settings';
import { importDocument, type ImportReport } from '../services/exchange';

/** Folder of the demo data in the project. */
const DEMO_FOLDER = resolve('data/demo');

function files(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true })
		.flatMap((entry) => (entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)]))
		.filter((file) => file.endsWith('.json'))
		.sort();
}

/** The demo data as one document. @throws Error when a file does not hold together */
export function demoDocument(folder = DEMO_FOLDER): RotaluxDocument {
	const parts = files(folder).map((file) => JSON.parse(readFileSync(file, 'utf8')) as RotaluxDocument);
	const all = {
		...Object.assign({}, ...parts),
		units: parts.flatMap((part) => part.units ?? []),
		configurations: parts.flatMap((part) => part.configurations ?? []),
		products: parts.flatMap((part) => part.products ?? []),
		accessories: parts.flatMap((part) => part.accessories ?? []),
		complaints: parts.flatMap((part) => part.complaints ?? [])
	};
	const read = readDocument(all);
	if (!read.ok) throw new Error(`The demo data do not hold together: ${summarise(read.error)}`);
	return read.value;
}

/** True when a database holds nothing, or nothing but the demo. */
async function mayReplace(db: Knex): Promise<boolean> {
	return (await readSetting(db, 'demo')) === true || (await listConfigurations(db)).length === 0;
}

/** Loads the demo into a fresh database. A database with a shop's own data is left alone and named. */
export async function loadDemo(folder: string, now: string): Promise<Result<ImportReport, string>> {
	const there = await openDatabase(folder);
	const free = await mayReplace(there).finally(() => there.destroy());
	if (!free)
		return err(`${folder} holds a shop's own data, so the demo was not loaded. Point ROTALUX_DATA at another folder.`);
	for (const suffix of ['', '-wal', '-shm']) rmSync(join(folder, DATABASE_FILE + suffix), { force: true });
	const db = await openDatabase(folder);
	try {
		const report = await importDocument(db, demoDocument(), now);
		await writeSetting(db, 'demo', true);
		return ok(report);
	} finally {
		await db.destroy();
	}
}
