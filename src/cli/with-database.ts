import { existsSync } from 'node:fs';
import type { Knex } from 'knex';
import { dataFolder } from '../lib/server/config';
import { openDatabase } from '../lib/server/db/connection';
import { plainly } from './plainly';

/** Where the database is: as set, or else the shop's own, or else the demo's; says which when nobody set it. */
export function shopFolder(): string {
	const own = dataFolder();
	const demo = dataFolder({ ...process.env, ROTALUX_DATA: '.rotalux/demo' });
	const isSaid = process.env.ROTALUX_DATA !== undefined || Boolean(process.env.ROTALUX_DATABASE);
	if (isSaid || existsSync(own) || !existsSync(demo)) return own;
	process.stderr.write(`The shop has no data yet; this is the demo's (${demo}).\n`);
	return demo;
}

/** Runs work on the database and closes it. @throws BadInput when the database cannot be used */
export async function withDatabase<T>(work: (db: Knex) => Promise<T>): Promise<T> {
	return plainly(async () => {
		const db = await openDatabase(shopFolder());
		try {
			return await work(db);
		} finally {
			await db.destroy();
		}
	});
}
