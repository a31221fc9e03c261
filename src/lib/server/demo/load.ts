import { rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { err, ok, type Result } from '../../core/result';
import { DATABASE_FILE, openDatabase } from '../db/connection';
import { changeAlways } from '../db/change';
import { ownFolder } from '../db/owner';
import { listConfigurations } from '../repositories/configurations';
import { readSetting, writeSetting } from '../repositories/settings';
import { importDocument, type ImportReport } from '../services/exchange';
import { demoDocument } from './document';

/** True when a database holds nothing, or nothing but the demo. */
async function mayReplace(db: Knex): Promise<boolean> {
	return (await readSetting(db, 'demo')) === true || (await listConfigurations(db)).length === 0;
}

/** Loads the demo into a fresh database. A database with a shop's own data is left alone and named. */
export async function loadDemo(folder: string, now: string): Promise<Result<ImportReport, string>> {
	const giveBack = ownFolder(folder, 'a reload of the demo');
	try {
		return await reload(folder, now);
	} finally {
		giveBack();
	}
}

async function reload(folder: string, now: string): Promise<Result<ImportReport, string>> {
	const there = await openDatabase(folder);
	const free = await mayReplace(there).finally(() => there.destroy());
	if (!free)
		return err(`${folder} holds a shop's own data, so the demo was not loaded. Point ROTALUX_DATA at another folder.`);
	for (const suffix of ['', '-wal', '-shm']) rmSync(join(folder, DATABASE_FILE + suffix), { force: true });
	const db = await openDatabase(folder);
	try {
		const report = await importDocument(db, demoDocument(), { now });
		await changeAlways(db, (tx) => writeSetting(tx, 'demo', true));
		return ok(report);
	} finally {
		await db.destroy();
	}
}
