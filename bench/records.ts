import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { completions, readWalkLine } from '../src/lib/core/walk';
import { openDatabase } from '../src/lib/server/db/connection';
import { readTables } from '../src/lib/server/documents/read-tables';
import { findConfigurations } from '../src/lib/server/repositories/configurations';
import { searchIds } from '../src/lib/server/repositories/search';
import { previewSheets, writeSheets } from '../src/lib/server/services/sheets/import';
import { generateConfiguration, generateVehicles } from './generate';
import { putRecords } from '../tests/support/put-records';
import { randomFrom } from '../tests/support/random';
import { median, ms } from './measure';

const VEHICLES = 20_000;
const ROWS = 50_000;
const SOCKETS = 40;
const SHOWN = 6;

async function inFolder(work: (db: Knex) => Promise<void>): Promise<void> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-bench-'));
	const db = await openDatabase(folder);
	await work(db);
	await db.destroy();
	rmSync(folder, { recursive: true });
}

/** Searches among many configurations, beside the plain prefix query of SQLite's full-text search. */
export async function searching(): Promise<void> {
	await inFolder(async (db) => {
		const vehicles = generateVehicles(VEHICLES);
		await putRecords(db, { configurations: vehicles });
		const random = randomFrom(3);
		const some = Array.from({ length: 8 }, () => vehicles[Math.floor(random() * vehicles.length)]!);
		const search = (line: (v: (typeof some)[number]) => string[]) =>
			median(async () => {
				for (const vehicle of some) await findConfigurations(db, (await searchIds(db, line(vehicle), SHOWN)).ids);
			}).then((time) => time / some.length);
		const plain = await median(async () => {
			for (const { make, model } of some)
				await db('configuration_search')
					.join('configurations', 'configurations.id', 'configuration_search.id')
					.whereRaw('configuration_search MATCH ?', [`"${make}"* "${model}"*`])
					.orderByRaw('rank')
					.limit(SHOWN)
					.select('configurations.document');
		}).then((time) => time / some.length);
		const slip = (word: string) => word.slice(0, 2) + word.slice(3);
		const whole = await search((v) => [v.make, v.model]);
		const started = await search((v) => [v.make.slice(0, 3), String(v.years?.[0] ?? '')]);
		const wrong = await search((v) => [slip(v.make), slip(v.model)]);
		console.log(
			`search among ${VEHICLES} configurations: make and model ${ms(whole)}, ${(whole / plain).toFixed(2)} x a plain prefix query (${ms(plain)})`
		);
		console.log(
			`  three letters and a year ${ms(started)} (${(started / plain).toFixed(2)} x); a letter missing in each word ${ms(wrong)} (${(wrong / plain).toFixed(2)} x) (aim: under 30 ms)`
		);
	});
}

/** Reads a walk-line as it grows, letter by letter, against a vehicle of many sockets. */
export async function walkLine(): Promise<void> {
	const { sockets } = generateConfiguration(SOCKETS);
	const line = 'rear turn py21w amber left 52x30 b40x40 manual';
	const all = await median(() => {
		for (let i = 1; i <= line.length; i++) {
			readWalkLine(line.slice(0, i), { kind: 'van', market: 'UN', sockets });
			completions(line.slice(0, i), i);
		}
	});
	console.log(
		`walk-line, read and finished beside ${SOCKETS} sockets: ${ms(all / line.length)} a keystroke (aim: under 5 ms)`
	);
}

/** Takes a spreadsheet of many rows in, the way the worker does. */
export async function importing(): Promise<void> {
	const lines = Array.from(
		{ length: ROWS },
		(_, i) => `bulk-${Math.floor(i / SOCKETS)},s${i % SOCKETS},rear,left,${1 + (i % SOCKETS)},stop,P21W,red`
	);
	const text = ['configuration,id,zone,side,index,functions,category,lens', ...lines].join('\n');
	const options = { supplier: '', source: null, configuration: null, maps: {}, leaveOut: false };
	const worker = { by: null, now: '2026-01-01T00:00:00.000Z' };
	await inFolder(async (db) => {
		const configurations = Array.from({ length: ROWS / SOCKETS }, (_, i) => ({
			...generateConfiguration(0),
			id: `bulk-${i}` as never,
			model: `M${i}`
		}));
		await putRecords(db, { configurations });
		const read = await readTables(new TextEncoder().encode(text), 'bulk.csv');
		if (!read.ok) throw new Error(read.error);
		const look = await median(
			() => previewSheets(db, read.value.tables, { options, actor: worker, progress: () => undefined }),
			3
		);
		const write = await median(
			() => writeSheets(db, read.value.tables, { options, actor: worker, progress: () => undefined }),
			1
		);
		console.log(
			`spreadsheet of ${ROWS} rows: looked at in ${ms(look)}, looked at again and written in ${ms(write)}, off the request thread`
		);
	});
}
