import type { Knex } from 'knex';
import { err, ok, type Result } from '../../core/result';
import { openDatabase } from '../db/connection';
import { changeAlways, type Tx } from '../db/change';
import { placeOf } from '../db/places';
import { findConfiguration, listConfigurations } from '../repositories/configurations';
import { listKits, updateKit } from '../repositories/kits';
import { readSetting, writeSetting } from '../repositories/settings';
import { importDocument, type ImportReport } from '../services/exchange';
import { dataOfKit } from '../services/kits/data';
import { foundationOf } from '../services/kits/foundation';
import { keepDemoBeams } from './beams';
import type { RotaluxDocument } from '../../core/model';
import { demoDay } from './day';
import { demoDocument } from './document';
import { demoYear } from './year/year';

/** True when a database holds nothing, or nothing but the demo. */
async function mayReplace(db: Knex): Promise<boolean> {
	return (await readSetting(db, 'demo')) === true || (await listConfigurations(db)).length === 0;
}

/** Loads the demo into a fresh database. A database with a shop's own data is left alone and named. */
export async function loadDemo(folder: string, now: string): Promise<Result<ImportReport, string>> {
	const giveBack = await placeOf(folder).hold('a reload of the demo', 'to-replace');
	try {
		return await reload(folder, now);
	} finally {
		await giveBack();
	}
}

/** The kits of the demo that still may change were worked out on the demo as its day begins. */
async function standOnTheDemo(tx: Tx): Promise<void> {
	for (const kit of await listKits(tx)) {
		const configuration = await findConfiguration(tx, kit.configurationId);
		if (!configuration || kit.state === 'released') continue;
		const standsOn = foundationOf({ configuration, answer: kit.answer }, await dataOfKit(tx, kit));
		await updateKit(tx, { ...kit, standsOn });
	}
}

const NOTHING = { units: [], configurations: [], products: [], accessories: [], kits: [], proofs: [], readings: [] };

/** The year of the demo as a document of its own. */
const yearOf = (document: RotaluxDocument): RotaluxDocument => ({
	format: document.format,
	currency: document.currency,
	...NOTHING,
	...demoYear(document)
});

async function reload(folder: string, now: string): Promise<Result<ImportReport, string>> {
	const there = await openDatabase(folder);
	const free = await mayReplace(there).finally(() => there.destroy());
	if (!free)
		return err(`${folder} holds a shop's own data, so the demo was not loaded. Point ROTALUX_DATA at another folder.`);
	await placeOf(folder).clear();
	const db = await openDatabase(folder);
	try {
		const document = demoDocument();
		const report = await importDocument(db, document, { now });
		await importDocument(db, yearOf(document), { now });
		await keepDemoBeams(db);
		await changeAlways(db, (tx) => writeSetting(tx, 'demo', true));
		await demoDay(db, now);
		await changeAlways(db, standOnTheDemo);
		return ok(report);
	} finally {
		await db.destroy();
	}
}
