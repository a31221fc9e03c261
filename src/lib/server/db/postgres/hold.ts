import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { Trouble } from '../failure';
import type { Where } from '../where';

/** Any number: who serves a schema shares the lock of this one, who replaces it has it alone. */
const SERVING = 727_002;
const AGAIN_MS = 500;

/** Takes the lock on a connection of its own; null when others hold it. */
async function take({ url, schema }: Where & { engine: 'postgres' }, together: boolean): Promise<pg.Client | null> {
	const client = new pg.Client({ connectionString: url, application_name: 'rotalux holds', keepAlive: true });
	client.on('error', () => undefined);
	await client.connect();
	const { rows } = await client.query<{ held: boolean }>(
		`SELECT ${together ? 'pg_try_advisory_lock_shared' : 'pg_try_advisory_lock'}($1, hashtext($2)) AS held`,
		[SERVING, schema]
	);
	if (rows[0]?.held === true) return client;
	await client.end();
	return null;
}

/**
 * Holds a schema for as long as the process lives: the server lets go when the connection ends, so that a crash leaves nothing behind. Who
 * serves it together with others takes it again when the connection was lost.
 * @param together whether others may hold it too, as all who serve it do
 * @returns gives it back
 * @throws Trouble with one sentence when others hold it
 */
export async function holdSchema(
	where: Where & { engine: 'postgres' },
	together: boolean
): Promise<() => Promise<void>> {
	let client = await take(where, together);
	if (!client)
		throw new Trouble(
			together
				? `The data in ${where.schema} are being replaced just now. Start again when that is done.`
				: `The data in ${where.schema} are in use by a server, here or on another machine. Stop it first.`
		);
	let given = false;
	const again = async (): Promise<void> => {
		while (!given) {
			await pause(AGAIN_MS);
			client = given ? null : await take(where, true).catch(() => null);
			if (!client) continue;
			client.on('end', () => void (given || again()));
			return;
		}
	};
	if (together) client.on('end', () => void (given || again()));
	return async () => {
		given = true;
		await client?.end().catch(() => undefined);
	};
}
