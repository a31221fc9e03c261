import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { startPostgres } from '../scripts/postgres.mjs';
import { ADDRESS_FILE } from '../src/lib/server/db/where';
import { examine } from '../src/lib/server/services/doctor';
import { serve, type Served } from '../tests/support/served';
import { cli, inside, missing, note, notesIn, scratch, type Effort, type Outcome } from './support';

const LONGEST_QUIET_MS = 900;
const HANDS = 2;
/** How long a process may take until it answers again, ms. */
const BACK_MS = 10_000;
/** What stands in an answer that is no sentence for a person. */
const NO_SENTENCE = /Something went wrong|<!doctype/i;

/** Ends every connection to a database at once, as its server does when it is restarted. */
async function cutAll(url: string): Promise<void> {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	await client.query('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid()');
	await client.end();
}

async function answersAgain(served: Served): Promise<boolean> {
	const until = Date.now() + BACK_MS;
	while (Date.now() < until) {
		const answer = await fetch(`${served.address}/ready`).catch(() => null);
		if (answer?.status === 200) return true;
		await new Promise((done) => setTimeout(done, 50));
	}
	return false;
}

/**
 * Two processes on one PostgreSQL, both at one vehicle: one is killed, or every connection to the server is cut, over and over. What was
 * acknowledged is there, what was not is said in a sentence, and both go on.
 */
export async function server(effort: Effort): Promise<Outcome> {
	const postgres = await startPostgres();
	if ('why' in postgres) return { tried: `NOT TRIED: ${postgres.why}`, wrong: [] };
	const folders = ['one', 'other'].map((name) => {
		const folder = scratch(`server-${name}`);
		writeFileSync(join(folder, ADDRESS_FILE), postgres.url);
		return folder;
	});
	const [folder = ''] = folders;
	const wrong: string[] = [];
	const acknowledged: string[] = [];
	const rounds = Math.ceil(4 * effort);
	let processes: Served[] = [];
	try {
		const loaded = cli(folder, 'load-demo');
		if (loaded.status !== 0) return { tried: 'nothing', wrong: [`the demo could not be loaded: ${loaded.stderr}`] };
		processes = await Promise.all(folders.map((one) => serve(one)));
		for (let n = 0; n < rounds; n++) {
			let going = true;
			const work = processes.flatMap((served, which) =>
				Array.from({ length: HANDS }, async (_, hand) => {
					for (let i = 0; going; i++) {
						const words = `server ${n}-${which}-${hand}-${i}.`;
						const answer = await note(served, words).catch(() => null);
						if (answer?.status === 200) acknowledged.push(words);
						else if (answer && NO_SENTENCE.test(answer.text))
							wrong.push(`no sentence: ${answer.status} ${answer.text}`);
						// Nobody is there: somebody at a page waits before they try again.
						if (answer === null) await new Promise((done) => setTimeout(done, 20));
					}
				})
			);
			await new Promise((done) => setTimeout(done, Math.random() * LONGEST_QUIET_MS));
			const [victim] = processes;
			if (n % 2 === 0) await cutAll(postgres.url);
			else if (victim) {
				const gone = once(victim.process, 'exit');
				victim.process.kill('SIGKILL');
				await gone;
			}
			await new Promise((done) => setTimeout(done, LONGEST_QUIET_MS / 3));
			going = false;
			await Promise.all(work);
			if (n % 2 === 1) processes[0] = await serve(folder);
			for (const [which, served] of processes.entries())
				if (!(await answersAgain(served))) wrong.push(`round ${n}: process ${which} does not answer again`);
		}
	} finally {
		for (const served of processes) await served.stop();
		try {
			await inside(folder, async (db) => {
				for (const words of missing(acknowledged, await notesIn(db)))
					wrong.push(`“${words}” was acknowledged and is gone`);
				const { checks } = await examine(db, folder);
				for (const check of checks)
					if (!check.ok && check.name !== 'backups') wrong.push(`${check.name}: ${check.words}`);
			});
		} finally {
			await postgres.stop();
		}
	}
	return {
		tried: `${rounds} times a process was killed or every connection cut, ${acknowledged.length} changes acknowledged by two processes`,
		wrong
	};
}
