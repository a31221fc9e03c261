import { AsyncResource } from 'node:async_hooks';
import { expect, it } from 'vitest';
import { demoDatabase } from '../../../tests/support/database';
import { change } from './db/change';
import { findConfiguration } from './repositories/configurations';
import { answeredHere, branchHere, standAt } from './request-here';

const SKERRY = 'fenholm-skerry-ii-2017';

it('reads a vehicle once while a request that only looks is answered, and anew in every other', async () => {
	const { db } = await demoDatabase();
	const asked: string[] = [];
	db.on('query', ({ sql }: { sql: string }) => asked.push(sql));
	const twice = async () => {
		asked.length = 0;
		const [one, other] = [await findConfiguration(db, SKERRY), await findConfiguration(db, SKERRY)];
		expect(one?.id).toBe(SKERRY);
		return { same: one === other, queries: asked.filter((sql) => sql.includes('configurations')).length };
	};
	expect(await answeredHere({ onlyLooks: true }, twice)).toEqual({ same: true, queries: 1 });
	expect(await answeredHere({ onlyLooks: false }, twice)).toEqual({ same: false, queries: 2 });
	expect(await twice()).toEqual({ same: false, queries: 2 });
});

it('sees what is changed, in a change and after the answer', async () => {
	const { db } = await demoDatabase();
	const modelNow = async () => (await findConfiguration(db, SKERRY))?.model;
	const rename = (model: string) =>
		change(db, async (tx) => {
			const before = await findConfiguration(tx, SKERRY);
			await tx('configurations')
				.where({ id: SKERRY })
				.update({ document: JSON.stringify({ ...before, model }) });
			expect((await findConfiguration(tx, SKERRY))?.model).toBe(model);
			return { ok: true, value: null };
		});
	let followed: () => Promise<string | undefined> = modelNow;
	await answeredHere({ onlyLooks: true }, async () => {
		const before = await modelNow();
		await rename('Skerry renamed');
		expect(await modelNow()).toBe(before);
		// Work that goes on after the answer, as it is followed by a page.
		followed = AsyncResource.bind(modelNow);
	});
	expect(await followed()).toBe('Skerry renamed');
});

it('knows the branch of its request and of no other', async () => {
	const at = (branch: string | null) =>
		answeredHere({ onlyLooks: true }, async () => {
			standAt(branch);
			await new Promise((done) => setTimeout(done, 5));
			return branchHere();
		});
	expect(await Promise.all([at('harbour'), at(null), at('mill')])).toEqual(['harbour', null, 'mill']);
	expect(branchHere()).toBeNull();
});
