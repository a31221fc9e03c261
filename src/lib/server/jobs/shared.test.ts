import type { Knex } from 'knex';
import { describe, expect, it, onTestFinished } from 'vitest';
import { freshDatabase } from '../../../../tests/support/database';
import { cutOff } from '../../../../tests/support/server-database';
import { changeAlways } from '../db/change';
import { jobsOf, type Jobs } from '.';

async function process(db: Knex, folder: string): Promise<Jobs> {
	const jobs = await jobsOf(db, folder);
	onTestFinished(() => jobs.stop());
	return jobs;
}

const until = async (holds: () => boolean): Promise<void> => {
	while (!holds()) await new Promise((resolve) => setTimeout(resolve, 20));
};

describe('work in line on a server', () => {
	it('is done by one of the processes, once, and all hear what one says', async () => {
		const { db, folder } = await freshDatabase();
		const [one, two] = [await process(db, folder), await process(db, folder)];
		const done: string[] = [];
		const heard: object[] = [];
		for (const jobs of [one, two]) {
			jobs.hear('topic', (word) => heard.push(word));
			await jobs.work('import', async (key) => void done.push(key));
		}
		const keys = ['a', 'b', 'c', 'd'];
		for (const key of keys) await one.send('import', key);
		two.say('topic', { n: 1 });
		await until(() => done.length >= keys.length && heard.length >= 2);
		await new Promise((resolve) => setTimeout(resolve, 1500));
		expect(done.sort()).toEqual(keys);
		expect(heard).toEqual([{ n: 1 }, { n: 1 }]);
	});

	it('is begun by processes that start at the same time, again and again', async () => {
		for (let time = 0; time < 3; time++) {
			const { db, folder } = await freshDatabase();
			const all = await Promise.all(Array.from({ length: 5 }, () => process(db, folder)));
			const done: string[] = [];
			for (const jobs of all) await jobs.work('import', async (key) => void done.push(key));
			await all[0]?.send('import', 'a');
			await until(() => done.length > 0);
			expect(done).toEqual(['a']);
		}
	});

	it('that lost its database is done again when that is back; work that fails by itself is not', async () => {
		const { db, folder } = await freshDatabase();
		const jobs = await process(db, folder);
		const tries: string[] = [];
		await jobs.work('import', async (key) => {
			tries.push(key);
			if (key === 'bad') throw new Error('it cannot be done');
			if (tries.filter((one) => one === key).length > 1) return;
			await changeAlways(db, async (tx) => {
				await cutOff(folder);
				await tx('settings').first();
			});
		});
		await jobs.send('import', 'bad');
		await until(() => tries.length === 1);
		await jobs.send('import', 'cut');
		await until(() => tries.filter((key) => key === 'cut').length === 2);
		await new Promise((resolve) => setTimeout(resolve, 1500));
		expect(tries).toEqual(['bad', 'cut', 'cut']);
		expect(await db('job_takers').count({ n: '*' })).toEqual([{ n: 0 }]);
	});

	/** The table of the line, which stands beside the tables of the shop. */
	const line = async (db: Knex): Promise<string> => {
		const { rows } = (await db.raw('SELECT current_schema() AS schema')) as { rows: [{ schema: string }] };
		return `${rows[0].schema}_jobs.job`;
	};

	it('whose end could not be said, since the connection was cut, ends all the same', async () => {
		const { db, folder } = await freshDatabase();
		const jobs = await process(db, folder);
		const done = new Set<string>();
		await jobs.work('import', async (key) => {
			done.add(key);
			await cutOff(folder);
		});
		const keys = ['a', 'b', 'c'];
		for (const key of keys) await jobs.send('import', key);
		const under = async () => (await db(await line(db)).whereNot({ state: 'completed' })).length;
		await expect.poll(() => under().catch(() => NaN), { timeout: 30_000 }).toBe(0);
		expect([...done].sort()).toEqual(keys);
	});

	it('that was taken without a word to the list is found and done', async () => {
		const { db, folder } = await freshDatabase();
		const jobs = await process(db, folder);
		await jobs.send('import', 'a');
		await db(await line(db)).update({ state: 'active', started_on: db.raw("now() - interval '20 seconds'") });
		const done: string[] = [];
		await jobs.work('import', async (key) => void done.push(key));
		await until(() => done.length > 0);
		expect(done).toEqual(['a']);
	});

	it('of a process that is gone without a word is taken up by another', async () => {
		const { db, folder } = await freshDatabase();
		const gone = await jobsOf(db, folder);
		let begun = false;
		await gone.work('import', () => {
			begun = true;
			return new Promise(() => undefined);
		});
		await gone.send('import', 'a');
		await until(() => begun);
		const done: string[] = [];
		const other = await process(db, folder);
		await other.work('import', async (key) => void done.push(key));
		await gone.stop();
		await until(() => done.length > 0);
		expect(done).toEqual(['a']);
	});
});
