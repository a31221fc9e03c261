import { appendFileSync, copyFileSync, existsSync, mkdirSync, statSync, truncateSync } from 'node:fs';
import { join } from 'node:path';
import { quickCheck } from '../src/lib/server/db/connection';
import { DATABASE_FILE } from '../src/lib/server/db/where';
import { demoFolder, inside, missing, note, notesIn, scratch, whileServed, type Effort, type Outcome } from './support';

const WAL = `${DATABASE_FILE}-wal`;
const NOISE_BYTES = 3000;

/** What a disk holds that lost its power: the files as they are while the process stands still, the log cut anywhere behind what was acknowledged. */
function cutCopy(from: string, to: string, logAtLeast: number): void {
	mkdirSync(to, { recursive: true });
	copyFileSync(join(from, DATABASE_FILE), join(to, DATABASE_FILE));
	const log = join(from, WAL);
	if (!existsSync(log)) return;
	copyFileSync(log, join(to, WAL));
	const whole = statSync(join(to, WAL)).size;
	const kept = Math.min(whole, logAtLeast + Math.floor(Math.random() * (whole - logAtLeast + 1)));
	truncateSync(join(to, WAL), Math.max(0, kept));
	// Blocks that were promised and not written hold whatever was there before.
	if (Math.random() < 0.5) appendFileSync(join(to, WAL), Buffer.alloc(Math.floor(Math.random() * NOISE_BYTES), 0xa5));
}

/** Copies the files at any write, with the end of the log cut or torn, and opens the copy: whole, and with everything acknowledged. */
export async function powerCut(effort: Effort): Promise<Outcome> {
	const folder = demoFolder('power');
	const cuts = Math.ceil(8 * effort);
	const wrong: string[] = [];
	const acknowledged: string[] = [];
	await whileServed(folder, async (served) => {
		let working = true;
		// Bytes of the log that stood on the disk when the last answer had come, and what had been acknowledged by then.
		let durable = { log: 0, notes: 0 };
		const work = (async () => {
			for (let i = 0; working; i++) {
				const words = `power ${i}.`;
				const answer = await note(served, words);
				if (answer.status !== 200) continue;
				acknowledged.push(words);
				const log = join(folder, WAL);
				durable = { log: existsSync(log) ? statSync(log).size : 0, notes: acknowledged.length };
			}
		})();
		for (let n = 0; n < cuts; n++) {
			await new Promise((done) => setTimeout(done, 10 + Math.random() * 120));
			served.process.kill('SIGSTOP');
			const { log, notes } = durable;
			const promised = acknowledged.slice(0, notes);
			const copy = join(scratch('cut'), 'data');
			cutCopy(folder, copy, log);
			served.process.kill('SIGCONT');
			try {
				await inside(copy, async (db) => {
					await quickCheck(db);
					for (const words of missing(promised, await notesIn(db)))
						wrong.push(`cut ${n}: “${words}” was acknowledged and is gone`);
				});
			} catch (error) {
				wrong.push(`cut ${n}: ${String(error)}`);
			}
		}
		working = false;
		await work;
	});
	return { tried: `${cuts} power cuts among ${acknowledged.length} changes`, wrong };
}
