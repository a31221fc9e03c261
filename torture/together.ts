import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { serve } from '../tests/support/served';
import {
	ask,
	cli,
	demoFolder,
	inside,
	missing,
	note,
	notesIn,
	send,
	VEHICLE,
	whileServed,
	type Effort,
	type Outcome
} from './support';

const PEOPLE = 8;
const PRODUCT = 'GL-P21-RD';
/** How long daily work may take beside an import, ms. */
const BESIDE_AN_IMPORT_MS = 1000;

/** Many people at one record through one server: nothing that was acknowledged is lost. */
async function oneRecord(effort: Effort, wrong: string[]): Promise<string> {
	const folder = demoFolder('together');
	const each = Math.ceil(10 * effort);
	const acknowledged: string[] = [];
	await whileServed(folder, async (served) => {
		await Promise.all(
			Array.from({ length: PEOPLE }, async (_, person) => {
				for (let i = 0; i < each; i++) {
					const words = `together ${person}-${i}.`;
					if ((await note(served, words)).status === 200) acknowledged.push(words);
				}
			})
		);
	});
	await inside(folder, async (db) => {
		for (const words of missing(acknowledged, await notesIn(db))) wrong.push(`“${words}” was acknowledged and is gone`);
	});
	return `${PEOPLE} people made ${acknowledged.length} changes to one vehicle`;
}

/** Forms that were opened before somebody else's change: the later one is told, and what came first stays. */
async function oldForms(effort: Effort, wrong: string[]): Promise<string> {
	const folder = demoFolder('forms');
	const rounds = Math.ceil(2 * effort);
	await whileServed(folder, async (served) => {
		for (let n = 0; n < rounds; n++) {
			const page = await ask(served, `/stock/${PRODUCT}`);
			const saw = /name="saw" value="(\d+)"/.exec(page.text)?.[1] ?? '0';
			const item = await inside(folder, (db) => db('products').where({ id: PRODUCT }).first('document'));
			const fields = { saw, maker: JSON.parse(item.document).maker as string };
			const answers = await Promise.all(
				[1, 2, 3].map((who) => send(served, `/stock/${PRODUCT}?/save`, { ...fields, name: `Name ${n} of ${who}` }))
			);
			const taken = answers.filter(({ text }) => JSON.parse(text).type === 'success').length;
			if (taken > 1) wrong.push(`round ${n}: ${taken} of three old forms were written over one another`);
		}
	});
	return `${rounds} rounds of three people saving one old form`;
}

/** A second server, a demo, a restore on a folder that is served: refused in one sentence. The command line works beside it. */
async function twoProcesses(wrong: string[]): Promise<string> {
	const folder = demoFolder('two');
	await whileServed(folder, async (served) => {
		await serve(folder).then(
			async (second) => {
				wrong.push('a second server took the same folder');
				await second.stop();
			},
			(error: Error) => {
				if (!/is in use|already|has it/i.test(error.message) || error.message.includes('\n    at'))
					wrong.push(`the second server said: ${error.message.slice(0, 200)}`);
			}
		);
		const copy = join(folder, '..', `${folder.split('/').pop()}-copy.gz`);
		for (const asked of [['backup', copy], ['restore', copy], ['load-demo']]) {
			const { status, stderr } = cli(folder, ...asked);
			const refused = status === 2 && stderr.trim().split('\n').length === 1;
			if (asked[0] === 'backup' ? status !== 0 : !refused)
				wrong.push(`${asked[0]} beside a server ended with ${status}: ${stderr.trim().slice(0, 200)}`);
		}
		const exported = cli(folder, 'export');
		if (exported.status !== 0) wrong.push(`export beside a server: ${exported.stderr}`);
		if ((await ask(served, '/ready')).status !== 200) wrong.push('the server was not ready any more');
	});
	return 'a second server, a restore, a demo on a served folder';
}

/**
 * A file of many vehicles is taken in by the command line while people work at the server: each is answered, and within a second. How long
 * it took is only held against the bound when all of it is tried: in a test run, other tests have the machine too.
 */
async function besideImport(effort: Effort, wrong: string[]): Promise<string> {
	const folder = demoFolder('import');
	const vehicles = Math.min(2500, Math.ceil(250 * effort));
	const socket = (i: number) => ({
		id: `s${i}`,
		zone: 'rear',
		side: 'left',
		index: i + 1,
		functions: ['stop'],
		category: 'P21W'
	});
	const file = join(folder, 'many.json');
	const configurations = Array.from({ length: vehicles }, (_, i) => ({
		id: `many-${i}`,
		make: 'Many',
		model: `M${i}`,
		kind: 'car',
		market: 'UN',
		sockets: Array.from({ length: 20 }, (__, s) => socket(s)),
		channels: []
	}));
	writeFileSync(file, JSON.stringify({ format: 'rotalux/1', configurations }));
	const slowest: Record<string, number> = {};
	await whileServed(folder, async (served) => {
		// A server that has just started is slow for a moment by itself.
		for (const path of [`/vehicles/${VEHICLE}/walk`, '/?q=fenholm+sound+stop']) await ask(served, path);
		await note(served, 'before.');
		const child = spawn(process.execPath, ['node_modules/.rotalux-cli/main.js', 'import', file], {
			env: { ...process.env, ROTALUX_DATA: folder },
			stdio: 'ignore'
		});
		let importing = true;
		const ended = once(child, 'exit').then(([code]) => {
			importing = false;
			if (code !== 0) wrong.push(`the import beside the server ended with ${code}`);
		});
		const watch = async (what: string, act: (i: number) => Promise<{ status: number; ms: number }>) => {
			for (let i = 0; importing; i++) {
				const { status, ms } = await act(i);
				slowest[what] = Math.max(slowest[what] ?? 0, ms);
				if (status >= 400 && status !== 409) wrong.push(`${what} was answered ${status} beside an import`);
			}
		};
		await Promise.all([
			watch('a walk-line', (i) => note(served, `beside ${i}.`)),
			watch('a page', () => ask(served, `/vehicles/${VEHICLE}/walk`)),
			watch('the counter', () => ask(served, '/?q=fenholm+sound+stop'))
		]);
		await ended;
	});
	for (const [what, ms] of Object.entries(slowest))
		if (effort >= 1 && ms > BESIDE_AN_IMPORT_MS) wrong.push(`${what} took ${Math.round(ms)} ms beside an import`);
	const words = Object.entries(slowest).map(([what, ms]) => `${what} ${Math.round(ms)} ms`);
	return `${vehicles * 20} sockets taken in beside daily work; slowest: ${words.join(', ')}`;
}

/** People, and processes, at the same time. */
export async function together(effort: Effort): Promise<Outcome> {
	const wrong: string[] = [];
	const tried = [
		await oneRecord(effort, wrong),
		await oldForms(effort, wrong),
		await twoProcesses(wrong),
		await besideImport(effort, wrong)
	];
	return { tried: tried.join('; '), wrong };
}
