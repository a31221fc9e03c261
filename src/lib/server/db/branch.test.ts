import { expect, it } from 'vitest';
import { freshDatabase } from '../../../../tests/support/database';
import { branchOf, seenFrom } from './branch';
import { change } from './change';
import { engineOf } from './engines';

it('a database is seen from a branch, in the middle of a change too, and is one and the same', async () => {
	const { db } = await freshDatabase();
	const quay = seenFrom(db, 'quay');
	expect([branchOf(db), branchOf(quay)]).toEqual([null, 'quay']);
	expect(seenFrom(db, 'quay')).toBe(quay);
	expect(seenFrom(quay, null)).toBe(db);
	expect(engineOf(quay)).toBe(engineOf(db));
	const written = async (ok: boolean) =>
		change<null, string>(quay, async (tx) => {
			expect(branchOf(tx)).toBe('quay');
			await seenFrom(tx, null)('settings').insert({ key: `a ${ok}`, value: '1' });
			expect(branchOf(seenFrom(tx, null))).toBeNull();
			return ok ? { ok, value: null } : { ok, error: 'no' };
		});
	await written(true);
	await written(false);
	expect(await db('settings').whereLike('key', 'a %').select('key')).toEqual([{ key: 'a true' }]);
});
