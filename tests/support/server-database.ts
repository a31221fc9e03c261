import { randomBytes } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { ADDRESS_FILE, addressOf } from '../../src/lib/server/db/where';

/** Address of a PostgreSQL that tests may use; unset, they use files. */
export const TEST_SERVER = process.env.ROTALUX_TEST_DATABASE;

const nameOf = (url: string) => new URL(url).pathname.slice(1);

function withName(name: string): string {
	const url = new URL(TEST_SERVER ?? '');
	url.pathname = `/${name}`;
	return url.href;
}

async function say(sql: string): Promise<void> {
	const client = new pg.Client({ connectionString: TEST_SERVER });
	await client.connect();
	try {
		await client.query(sql);
	} finally {
		await client.end();
	}
}

/**
 * Makes a database on the server of the tests, and says in a folder that its data are there.
 * @param like address of one that is copied, which nobody has open
 * @returns its address
 */
export async function databaseOnServer(folder: string, like?: string): Promise<string> {
	const name = `t${randomBytes(8).toString('hex')}`;
	await say(`CREATE DATABASE ${name}${like ? ` TEMPLATE ${nameOf(like)}` : ''}`);
	const url = withName(name);
	writeFileSync(join(folder, ADDRESS_FILE), url, { mode: 0o600 });
	return url;
}

/** Takes it away again, whoever still has it open. */
export const dropOnServer = (url: string): Promise<void> => say(`DROP DATABASE IF EXISTS ${nameOf(url)} WITH (FORCE)`);

/** Ends every connection to the database of a folder, as a restart of the server does. */
export const cutOff = (folder: string): Promise<void> =>
	say(`SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${nameOf(addressOf(folder) ?? '')}'`);
