import { appendFileSync, closeSync, openSync, readFileSync, statSync, writeFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { DATABASE_FILE } from '../src/lib/server/db/where';
import { dumpOf } from '../tests/support/dump';
import {
	cli,
	demoFolder,
	inside,
	missing,
	note,
	notesIn,
	scratch,
	whileServed,
	type Effort,
	type Outcome
} from './support';

const oneSentence = (text: string) =>
	text.trim() !== '' && !/\n\s+at /.test(text) && text.trim().split('\n').length === 1;

/** Backups taken while people write hold everything acknowledged before they began. */
async function whileWriting(effort: Effort, wrong: string[]): Promise<number> {
	const folder = demoFolder('backup');
	const rounds = 2 * effort;
	await whileServed(folder, async (served) => {
		let working = true;
		const acknowledged: string[] = [];
		const work = (async () => {
			for (let i = 0; working; i++) {
				const words = `backup ${i}.`;
				if ((await note(served, words)).status === 200) acknowledged.push(words);
			}
		})();
		for (let n = 0; n < rounds; n++) {
			const promised = [...acknowledged];
			const file = join(scratch('saved'), 'shop.sqlite.gz');
			const saved = cli(folder, 'backup', file);
			if (saved.status !== 0) wrong.push(`backup ${n}: ${saved.stderr}`);
			const back = scratch('back');
			const restored = cli(back, 'restore', file);
			if (restored.status !== 0) wrong.push(`restore ${n}: ${restored.stderr}`);
			else
				await inside(back, async (db) => {
					for (const words of missing(promised, await notesIn(db))) wrong.push(`restore ${n} lacks “${words}”`);
				});
		}
		working = false;
		await work;
	});
	return rounds;
}

/** Damage, of the data and of a backup, is said in one sentence, and nothing is made worse. */
async function damage(effort: Effort, wrong: string[]): Promise<number> {
	const rounds = 2 * effort;
	for (let n = 0; n < rounds; n++) {
		const folder = demoFolder('damage');
		const file = join(scratch('saved'), 'shop.sqlite.gz');
		cli(folder, 'backup', file);
		const packed = readFileSync(file);
		const at = Math.floor(Math.random() * packed.length);
		packed[at] = (packed[at] ?? 0) ^ 0xff;
		writeFileSync(file, n % 2 === 0 ? packed : packed.subarray(0, at));
		const before = await inside(folder, dumpOf);
		const refused = cli(folder, 'restore', file);
		const now = await inside(folder, dumpOf);
		// A flipped bit in the header of the packed file may leave its content whole.
		if (refused.status !== 0 && !(refused.status === 2 && oneSentence(refused.stderr)))
			wrong.push(`a torn backup ended with ${refused.status}: ${refused.stderr.slice(0, 200)}`);
		if (now !== before) wrong.push('a torn backup changed what was there');
		const database = join(folder, DATABASE_FILE);
		const { size } = statSync(database);
		const handle = openSync(database, 'r+');
		for (let i = 0; i < 40; i++)
			writeSync(handle, Buffer.alloc(300, 0x5a), 0, 300, 4096 + Math.floor(Math.random() * (size - 8192)));
		closeSync(handle);
		const looked = cli(folder, 'doctor');
		if (looked.status === 0) wrong.push('damage of the file was not seen by the doctor');
		if (/\n\s+at /.test(looked.stderr)) wrong.push(`the doctor failed on damage: ${looked.stderr.slice(0, 200)}`);
	}
	return rounds;
}

/** A complete export comes back equal. */
async function complete(wrong: string[]): Promise<void> {
	const folder = demoFolder('complete');
	const file = join(folder, 'all.json');
	const exported = cli(folder, 'export', '--complete');
	writeFileSync(file, '');
	appendFileSync(file, exported.stdout);
	const empty = scratch('empty');
	const imported = cli(empty, 'import', file);
	if (imported.status !== 0) wrong.push(`the complete export was not taken: ${imported.stderr.slice(0, 200)}`);
	const same = (await inside(folder, dumpOf)) === (await inside(empty, dumpOf));
	if (!same) wrong.push('the complete export did not come back equal');
}

/** Backups, restores, damage, and the complete export. */
export async function backup(effort: Effort): Promise<Outcome> {
	const wrong: string[] = [];
	const rounds = await whileWriting(effort, wrong);
	const damaged = await damage(effort, wrong);
	await complete(wrong);
	return {
		tried: `${rounds} backups while people wrote, each restored; ${damaged} damaged; a complete export read back`,
		wrong
	};
}
