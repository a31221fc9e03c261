import { once } from 'node:events';
import { examine } from '../src/lib/server/services/doctor';
import { serve } from '../tests/support/served';
import { demoFolder, inside, missing, note, notesIn, type Effort, type Outcome } from './support';

const LONGEST_LIFE_MS = 900;
const AT_ONCE = 4;

/** Kills the server in the middle of work, over and over on the same data: what it has acknowledged is there when it is opened again. */
export async function crash(effort: Effort): Promise<Outcome> {
	const folder = demoFolder('crash');
	const kills = Math.ceil(6 * effort);
	const wrong: string[] = [];
	const acknowledged: string[] = [];
	for (let n = 0; n < kills; n++) {
		const served = await serve(folder);
		let alive = true;
		const work = Array.from({ length: AT_ONCE }, async (_, hand) => {
			for (let i = 0; alive; i++) {
				const words = `crash ${n}-${hand}-${i}.`;
				const answer = await note(served, words).catch(() => null);
				if (answer?.status === 200) acknowledged.push(words);
			}
		});
		await new Promise((done) => setTimeout(done, Math.random() * LONGEST_LIFE_MS));
		const gone = once(served.process, 'exit');
		served.process.kill('SIGKILL');
		await gone;
		alive = false;
		await Promise.all(work);
	}
	await inside(folder, async (db) => {
		for (const words of missing(acknowledged, await notesIn(db))) wrong.push(`“${words}” was acknowledged and is gone`);
		const { checks } = await examine(db, folder);
		for (const check of checks) if (!check.ok && check.name !== 'backups') wrong.push(`${check.name}: ${check.words}`);
	});
	return { tried: `${kills} kills at random moments, ${acknowledged.length} changes acknowledged before them`, wrong };
}
