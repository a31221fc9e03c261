import { spawn } from 'node:child_process';
import { expect, it } from 'vitest';
import { freshDatabase } from '../../../../../tests/support/database';
import { generateFleet, generateOffer, PARTS } from '../../../../../tests/support/fleet';
import { putRecords } from '../../../../../tests/support/put-records';
import { offeredIn, tally, type Cover } from '../../../core/cover';
import { coverState } from '../../repositories/cover';
import { KeptCover } from './kept-cover';
import { coverIn, runCover } from './run';

const served = (cover: Cover) => tally(cover, offeredIn(cover, { from: 'catalogue' })).all;

/** Runs the cover in a process of its own, and ends it without a word once it has judged some places. */
function killedInTheMiddle(folder: string): Promise<string[]> {
	return new Promise((resolve, reject) => {
		const child = spawn(process.execPath, ['--import', 'tsx', 'tests/support/run-cover.ts', folder]);
		const steps: string[] = [];
		let trouble = '';
		child.stderr.on('data', (text: Buffer) => (trouble += text.toString()));
		child.stdout.on('data', (text: Buffer) => {
			steps.push(...text.toString().trim().split('\n'));
			if (steps.filter((step) => step.startsWith('judging')).length >= 2) child.kill('SIGKILL');
		});
		child.on('exit', (_, signal) => (signal === 'SIGKILL' ? resolve(steps) : reject(new Error(trouble))));
	});
}

it('a cover whose process is killed loses nothing that it said was done, and goes on from there', async () => {
	const { db, folder } = await freshDatabase();
	await putRecords(db, { configurations: generateFleet(150), products: generateOffer(300), accessories: PARTS });
	const steps = await killedInTheMiddle(folder);
	const last = Number(steps.findLast((step) => step.startsWith('judging'))?.split(' ')[1]);
	const [judged] = await db('cover_places').whereNotNull('verdicts').count({ n: '*' });
	expect(Number(judged?.n)).toBeGreaterThanOrEqual(last);
	const [all] = await db('cover_places').count({ n: '*' });
	expect(Number(judged?.n)).toBeLessThan(Number(all?.n));
	// The server looks for this when it starts again.
	expect((await coverState(db))?.startedAt).not.toBeNull();
	const phases: string[] = [];
	await runCover(db, { now: () => '2026-11-28T10:00:00.000Z', onProgress: ({ phase }) => phases.push(phase) });
	expect(phases).not.toContain('vehicles');
	const whole = served((await coverIn(db)).cover);
	expect(whole.served).toBeGreaterThan(0);
	for (const table of [
		'cover_views',
		'cover_traits',
		'cover_places',
		'cover_products',
		'cover_vehicles',
		'cover_state'
	])
		await db(table).delete();
	const fresh = await KeptCover.open(db);
	for await (const step of fresh.catchUp()) void step;
	expect(served(fresh.cover)).toEqual(whole);
});
