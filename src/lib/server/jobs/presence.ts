import { randomInt } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { log } from '../log';
import type { Where } from '../db/where';

/** Any number: a process that is there holds the lock of this one and its own. */
export const PRESENT = 727_003;
const MOST_NUMBER = 2 ** 31 - 1;
const AGAIN_MS = 500;

/** A process among those that work on the same data. */
export interface Presence {
	/** Its number, as long as it lives. */
	number: number;
	leave: () => Promise<void>;
}

/** How soon the server notices that a machine is gone without a word, s: after so long it asks, so often, so many times. */
const KEEPALIVE = { tcp_keepalives_idle: 10, tcp_keepalives_interval: 5, tcp_keepalives_count: 3 };

/**
 * Is there: holds a lock of its own on a connection of its own, and hears what the others say. When the process ends, however it ends, the
 * server lets go of the lock, and the others see that it is gone. A connection that is lost is made again.
 */
export async function bePresent(
	{ url, schema }: Where & { engine: 'postgres' },
	hear: (word: string) => void
): Promise<Presence> {
	const number = randomInt(1, MOST_NUMBER);
	let client: pg.Client | undefined;
	let left = false;

	const come = async (): Promise<void> => {
		const fresh = new pg.Client({ connectionString: url, application_name: 'rotalux listens', keepAlive: true });
		fresh.on('error', () => undefined);
		fresh.on('end', () => void (left || comeAgain()));
		fresh.on('notification', ({ payload }) => payload && hear(payload));
		await fresh.connect();
		for (const [name, value] of Object.entries(KEEPALIVE)) await fresh.query(`SET ${name} = ${value}`);
		await fresh.query('SELECT pg_advisory_lock($1, $2)', [PRESENT, number]);
		await fresh.query(`LISTEN ${pg.escapeIdentifier(channelOf(schema))}`);
		client = fresh;
	};
	let coming = false;
	const comeAgain = async (): Promise<void> => {
		if (coming) return;
		coming = true;
		log.warn('the connection to the database server was lost');
		while (!left) {
			await pause(AGAIN_MS);
			if (
				left ||
				(await come().then(
					() => true,
					() => false
				))
			)
				break;
		}
		coming = false;
	};

	await come();
	return {
		number,
		leave: async () => {
			left = true;
			await client?.end().catch(() => undefined);
		}
	};
}

/** The channel on which processes that work on a schema hear one another. */
export const channelOf = (schema: string): string => `rotalux_${schema}`;
