import { expect, it } from 'vitest';
import { localJobs } from './local';

it('a line takes each key once while it waits, in order, one at a time, and goes on after a failure', async () => {
	const jobs = localJobs();
	const done: string[] = [];
	let atWork = 0;
	for (const key of ['a', 'b', 'a', 'bad', 'c']) await jobs.send('import', key);
	await jobs.work('import', async (key) => {
		expect(++atWork).toBe(1);
		await new Promise((resolve) => setTimeout(resolve, 1));
		atWork -= 1;
		if (key === 'bad') throw new Error('it cannot be done');
		done.push(key);
	});
	while (done.length < 3) await new Promise((resolve) => setTimeout(resolve, 5));
	expect(done).toEqual(['a', 'b', 'c']);
	const heard: object[] = [];
	const deaf = jobs.hear('topic', (word) => heard.push(word));
	jobs.say('topic', { n: 1 });
	deaf();
	jobs.say('topic', { n: 2 });
	expect(heard).toEqual([{ n: 1 }]);
	await jobs.stop();
});
