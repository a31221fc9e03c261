import type { Cookies } from '@sveltejs/kit';
import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { seenFrom } from '../db/branch';
import { changeAlways } from '../db/change';
import { changeBranch, openBranch } from '../services/branches';
import { changeAccount, createAccount, personOfToken, signIn, type Person } from './accounts';
import type { Role } from './roles';
import { workplaceOf } from './workplace';

const NOW = '2026-11-27T10:00:00.000Z';
const GOOD = 'a long enough one';

/** A browser at which a branch was chosen, or none. */
const browser = (branch?: string) => ({ get: () => branch }) as unknown as Cookies;

async function account(db: Knex, name: string, role: Role): Promise<Person> {
	await createAccount(db, { name, role, password: GOOD }, NOW);
	const token = await signIn(db, { name, password: GOOD, device: 'desk' }, NOW);
	return (await personOfToken(db, token.ok ? token.value : '', NOW))!;
}

/** A chain of two with an owner, and a specialist of the quay alone. */
async function chain() {
	const { db } = await demoDatabase();
	await openBranch(db, { name: 'Quay', first: 'Harbour' });
	const owner = await account(db, 'Olga', 'owner');
	const person = await account(db, 'Sam', 'counter');
	const branches = new Map([['quay', 'specialist']]);
	expect(await changeAccount(db, person.id!, { branches })).toMatchObject({ ok: true });
	const at = (who: Person, branch?: string, params = {}) =>
		workplaceOf(db, { person: who, cookies: browser(branch), params });
	return { db, owner, person, at };
}

describe('where somebody works', () => {
	it('is the first branch until they choose, and one of theirs alone', async () => {
		const { owner, person, at } = await chain();
		expect(await at(owner)).toMatchObject({ branch: null, name: 'Harbour', role: 'owner' });
		expect(await at(owner, 'quay')).toMatchObject({ branch: 'quay', name: 'Quay', role: 'owner' });
		expect(await at(owner, 'nowhere')).toMatchObject({ name: 'Harbour' });
		for (const chosen of [undefined, 'quay', 'harbour'])
			expect(await at(person, chosen)).toMatchObject({ branch: 'quay', role: 'specialist', works: [{ id: 'quay' }] });
	});

	it('is where a kit is from, and there somebody of another branch looks only', async () => {
		const { db, owner, person, at } = await chain();
		const kit = {
			configuration_id: 'fenholm-sound-2015',
			state: 'draft',
			kit_order: '{}',
			answer: '{}',
			extra: '{}',
			total: 0
		};
		const more = { name: 'K', created_at: NOW, updated_at: NOW };
		await changeAlways(db, async (tx) => {
			await tx('kits').insert({ id: 'KH', ...kit, ...more });
			await tx('kits').insert({ id: 'KQ', ...kit, ...more, branch_id: 'quay' });
		});
		expect(await at(owner, 'harbour', { kit: 'KQ' })).toMatchObject({ branch: 'quay', role: 'owner' });
		expect(await at(person, 'quay', { kit: 'KH' })).toMatchObject({ branch: null, role: 'visitor' });
		expect(await at(person, 'quay', { kit: 'KQ' })).toMatchObject({ branch: 'quay', role: 'specialist' });
		expect(await at(person, 'quay', { kit: 'unknown' })).toMatchObject({ branch: 'quay' });
	});

	it('does not change who is owner: an owner works everywhere, and a role that nobody has is refused', async () => {
		const { db, owner, person } = await chain();
		const at = (id: number, ...branches: [string, string][]) => changeAccount(db, id, { branches: new Map(branches) });
		expect(await at(owner.id!, ['quay', 'counter'])).toMatchObject({ ok: false });
		expect(await at(person.id!, ['quay', 'owner'])).toMatchObject({ ok: false });
		expect(await at(person.id!, ['quay', 'king'])).toMatchObject({ ok: false });
		expect(await at(person.id!, ['nowhere', 'counter'])).toMatchObject({ ok: false });
		expect(await changeAccount(db, person.id!, { role: 'owner' })).toMatchObject({ ok: true });
		expect(
			await workplaceOf(db, { person: { ...person, role: 'owner' }, cookies: browser(), params: {} })
		).toMatchObject({
			role: 'owner'
		});
		expect(await at(person.id!)).toMatchObject({ ok: true });
	});

	it('is nowhere in particular in a shop that stands alone; who worked at a closed branch looks', async () => {
		const { db: alone } = await demoDatabase();
		const sitting = { id: null, name: 'Anna', role: 'owner' as const };
		expect(await workplaceOf(alone, { person: sitting, cookies: browser('quay'), params: {} })).toMatchObject({
			branch: null,
			name: null,
			role: 'owner'
		});
		const { db, person } = await chain();
		await changeBranch(db, 'quay', { closed: true });
		expect(await workplaceOf(seenFrom(db, null), { person, cookies: browser(), params: {} })).toMatchObject({
			role: 'visitor',
			works: []
		});
	});
});
