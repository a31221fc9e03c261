import { readdirSync, readFileSync } from 'node:fs';
import { ask, demoFolder, note, send, VEHICLE, whileServed, type Effort, type Outcome } from './support';

const SECONDS_EACH = 5;
const PEOPLE = 6;
/** Growth that is no leak: threads fill what they may remember, MB. A leak of a request would pass it within the run. */
const MOST_GROWTH_MB = 250;
const MOST_FILES = 20;

const rss = (pid: number) =>
	Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000;
const files = (pid: number) => readdirSync(`/proc/${pid}/fd`).length;

/** Works on without a pause: memory and open files stay where they were. */
export async function soak(effort: Effort): Promise<Outcome> {
	const wrong: string[] = [];
	const folder = demoFolder('soak');
	let tried = '';
	await whileServed(folder, async (served) => {
		const pid = served.process.pid ?? 0;
		let count = 0;
		const round = async (seconds: number): Promise<void> => {
			const until = Date.now() + seconds * 1000;
			await Promise.all(
				Array.from({ length: PEOPLE }, async (_, person) => {
					const acts = [
						() => ask(served, `/vehicles/${VEHICLE}/match/stop-L`),
						() => ask(served, '/?q=fenholm+sound+kit'),
						() => ask(served, `/vehicles/${VEHICLE}/circuit`),
						() => ask(served, `/vehicles/${VEHICLE}/kit/offer.json?scope=rear`),
						() => note(served, `soak ${person}-${count}.`),
						() => ask(served, '/stock'),
						() => send(served, `/vehicles/${VEHICLE}/kit?/start`, { name: 'Soak', scope: 'rear' })
					];
					for (let i = person; Date.now() < until; i++) {
						const answer = await (acts[i % acts.length] as (typeof acts)[number])();
						if (answer.status >= 500) wrong.push(`answered ${answer.status} under load`);
						count += 1;
					}
				})
			);
		};
		await round(SECONDS_EACH);
		const [memory, handles] = [rss(pid), files(pid)];
		await round(SECONDS_EACH * effort);
		const [grown, more] = [rss(pid) - memory, files(pid) - handles];
		if (grown > MOST_GROWTH_MB) wrong.push(`memory grew by ${Math.round(grown)} MB`);
		if (more > MOST_FILES) wrong.push(`${more} more files are open`);
		tried = `${count} requests of ${PEOPLE} people without a pause; memory ${grown >= 0 ? '+' : ''}${Math.round(grown)} MB, open files ${more >= 0 ? '+' : ''}${more}`;
	});
	return { tried, wrong };
}
