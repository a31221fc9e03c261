import pg from 'pg';
import { Trouble } from '../failure';
import type { Where } from '../where';

/** Any number: who serves a schema shares the lock of this one, who replaces it has it alone. */
const SERVING = 727_002;

/**
 * Holds a schema on a connection of its own for as long as the process lives: the server lets go when the connection ends, so that a crash
 * leaves nothing behind.
 * @param together whether others may hold it too, as all who serve it do
 * @returns gives it back
 * @throws Trouble with one sentence when others hold it
 */
export async function holdSchema(
	{ url, schema }: Where & { engine: 'postgres' },
	together: boolean
): Promise<() => Promise<void>> {
	const client = new pg.Client({ connectionString: url, application_name: 'rotalux holds', keepAlive: true });
	// A server that goes away lets go by itself; who works on the data notices by themselves.
	client.on('error', () => undefined);
	await client.connect();
	const { rows } = await client.query<{ held: boolean }>(
		`SELECT ${together ? 'pg_try_advisory_lock_shared' : 'pg_try_advisory_lock'}($1, hashtext($2)) AS held`,
		[SERVING, schema]
	);
	if (rows[0]?.held !== true) {
		await client.end();
		throw new Trouble(
			together
				? `The data in ${schema} are being replaced just now. Start again when that is done.`
				: `The data in ${schema} are in use by a server, here or on another machine. Stop it first.`
		);
	}
	return () => client.end();
}
