import { expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { wantedBy } from '../repositories/demand';
import { askCounter } from './counter';
import { CounterLog } from './counter-log';

it('counts what the counter was asked, answered and in vain, and keeps nothing of the line', async () => {
	const { db } = await demoDatabase();
	const troubles: unknown[] = [];
	const log = new CounterLog(
		() => Promise.resolve(db),
		60_000,
		(error) => troubles.push(error)
	);
	for (const line of ['skerry II stop', 'skerry II stop', 'sound drl', 'Smith 4711 nothing'])
		await log.note(db, await askCounter(db, line), '2026-11-28');
	await log.write();
	expect(troubles).toEqual([]);
	const all = await wantedBy(db, ['asked']);
	const stops = all.filter(({ function: fn }) => fn === 'stop');
	// Every configuration that the line may mean has its part of the two questions.
	expect(stops.reduce((sum, { count }) => sum + count, 0)).toBeCloseTo(2);
	const vain = await wantedBy(db, ['asked'], { inVain: true });
	expect(vain.map(({ function: fn }) => fn)).toContain('drl');
	expect(JSON.stringify(await db('demand'))).not.toMatch(/Smith|4711/i);
});
