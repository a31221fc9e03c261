import type { Knex } from 'knex';
import PgBoss from 'pg-boss';
import { databaseFailure } from '../db/failure';
import { oneAtATime } from '../db/postgres/schema';
import type { Where } from '../db/where';
import { log } from '../log';
import { nowAndThen } from '../now-and-then';
import { localBus } from './bus';
import { QUEUES, type Jobs, type Queue, type Work } from './jobs';
import { bePresent, channelOf, PRESENT } from './presence';

const BOSS_CONNECTIONS = 2;
/** How often somebody looks whether there is work, and whether who took some is gone, ms. */
const LOOK_MS = 1000;
const GONE_MS = 1000;
/** A job that is under way has somebody on the list within this, s: whoever took it without a word to the list lost it with the connection. */
const LOST_S = 10;
/** A job is taken up so often when those who had it ended; a failure of the work itself is noted and not tried again. */
const TAKEN_UP = 20;
/** How long a job waits that is done again, s. */
const AGAIN_S = 1;
/** Longer than any work takes: who ends without a word is noticed long before. */
const EXPIRE_MINUTES = 180;
const KEPT_S = 3600;
/** Bytes that the server takes of one word. */
const MOST_SAID = 7900;

/** A job that a process has taken, of those whose process is gone. */
interface Taken {
	job: string;
	queue: Queue;
}

/** Jobs that nobody is at: of processes that are gone, and of this one where it lost them with its connection. They are taken out of the list. */
async function leftAlone(db: Knex, own: { process: number; jobs: readonly string[] }): Promise<Taken[]> {
	const { rows }: { rows: Taken[] } = await db.raw(
		`DELETE FROM job_takers AS taken WHERE CASE WHEN taken.process = ? THEN NOT taken.job = ANY(?) ELSE NOT EXISTS (
			SELECT 1 FROM pg_locks AS held JOIN pg_database AS own ON own.oid = held.database
			WHERE own.datname = current_database() AND held.locktype = 'advisory' AND held.objsubid = 2
			AND held.classid = ?::oid AND held.objid = taken.process::oid
		) END RETURNING job, queue`,
		[own.process, [...own.jobs], PRESENT]
	);
	return rows;
}

/** Something that is asked for again while it is done is done once more after that, and never twice at a time. */
function alone(work: () => Promise<void>): () => Promise<void> {
	let [busy, again] = [false, false];
	return async () => {
		again = true;
		if (busy) return;
		busy = true;
		try {
			while (again) {
				again = false;
				await work();
			}
		} finally {
			busy = false;
		}
	};
}

/** Jobs that are under way and that nobody is on the list for: the connection was cut while one was taken, or while one was done. */
async function lost(db: Knex, schema: string): Promise<Taken[]> {
	const { rows }: { rows: Taken[] } = await db.raw(
		`SELECT id::text AS job, name AS queue FROM ?? AS job WHERE state = 'active' AND started_on < now() - make_interval(secs => ?)
		AND NOT EXISTS (SELECT 1 FROM job_takers AS taken WHERE taken.job = job.id::text)`,
		[`${schema}.job`, LOST_S]
	);
	return rows;
}

/**
 * Work in line on a server, for every process that works on the same data: kept, taken once, and taken up by another process when the one that
 * had it is gone.
 */
export async function sharedJobs(db: Knex, where: Where & { engine: 'postgres' }): Promise<Jobs> {
	const bus = localBus();
	const presence = await bePresent(where, (text) => {
		const { topic, word } = JSON.parse(text) as { topic: string; word: object };
		bus.say(topic, word);
	});
	const schema = `${where.schema}_jobs`;
	const boss = new PgBoss({
		connectionString: where.url,
		schema,
		application_name: 'rotalux jobs',
		max: BOSS_CONNECTIONS,
		schedule: false,
		archiveCompletedAfterSeconds: KEPT_S,
		deleteAfterHours: 1
	});
	boss.on('error', (error) => log.warn({ err: error }, 'the line of jobs does not answer'));
	// Two that make their tables at the same time would wait for one another.
	await oneAtATime(db, where.schema, async () => {
		await boss.start();
		// One of a key waits, and one is under way.
		for (const name of QUEUES) await boss.createQueue(name, { name, policy: 'stately' });
	});

	let stopped = false;
	const atWork = new Set<string>();
	const stops: (() => void)[] = [];
	const look = async (): Promise<void> => {
		const left = await leftAlone(db, { process: presence.number, jobs: [...atWork] });
		for (const { job, queue } of [...left, ...(await lost(db, schema))]) {
			log.warn({ job, queue }, 'work that nobody is at is taken up');
			await boss.fail(queue, job);
			bus.say('sent', { queue });
		}
	};
	stops.push(nowAndThen('looking for work that nobody is at', GONE_MS, look));
	const say = (topic: string, word: object): void => {
		const text = JSON.stringify({ topic, word });
		if (Buffer.byteLength(text) > MOST_SAID) return;
		void db.raw('SELECT pg_notify(?, ?)', [channelOf(where.schema), text]).then(undefined, () => undefined);
	};

	/** Does a job, and says what came of it. Where that cannot be said, the job is found by `look` and done again. */
	const done = async (queue: Queue, { id, key }: { id: string; key: string }, work: Work): Promise<void> => {
		atWork.add(id);
		try {
			await db('job_takers').insert({ job: id, queue, process: presence.number }).onConflict('job').merge();
			const failed = await work(key).then(
				() => null,
				(error: unknown) => ({ error })
			);
			// What is under way while this process stops is taken up by another.
			if (failed && stopped) return;
			// Over a database that fails it is done again; the work's own failure is noted, and not tried again.
			const isAgain = failed !== null && databaseFailure(failed.error) !== null;
			if (failed && !isAgain) log.error({ err: failed.error, queue, key }, 'a piece of work in line failed');
			await (isAgain ? boss.fail(queue, id) : boss.complete(queue, id));
			await db('job_takers').where({ job: id, process: presence.number }).delete();
		} finally {
			atWork.delete(id);
		}
	};

	return {
		say,
		hear: bus.hear,
		send: async (queue, key) => {
			await boss.send(
				queue,
				{ key },
				{ singletonKey: key, retryLimit: TAKEN_UP, retryDelay: AGAIN_S, expireInMinutes: EXPIRE_MINUTES }
			);
			say('sent', { queue });
		},
		work: (queue, work) => {
			const next = async () => (stopped ? undefined : (await boss.fetch<{ key: string }>(queue))[0]);
			const goOn = alone(async () => {
				for (let job = await next(); job; job = await next())
					await done(queue, { id: job.id, key: job.data.key }, work);
			});
			stops.push(nowAndThen(`taking work of ${queue}`, LOOK_MS, goOn));
			bus.hear('sent', ({ queue: sent }: { queue: Queue }) => {
				// What fails is done at the next look.
				if (sent === queue) void goOn().catch(() => undefined);
			});
			void goOn().catch(() => undefined);
			return Promise.resolve();
		},
		stop: async () => {
			stopped = true;
			for (const stop of stops) stop();
			await presence.leave();
			await boss.stop({ graceful: false, wait: false });
		}
	};
}
