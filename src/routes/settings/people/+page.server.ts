import { fail } from '@sveltejs/kit';
import { changeAccount, createAccount, makeBayCode, signOutEverywhere } from '$lib/server/access/accounts';
import { ROLE_IDS, ROLES } from '$lib/server/access/roles';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { listBranches, rolesAtBranches } from '$lib/server/repositories/branches';
import { listAccounts, listSessions } from '$lib/server/repositories/accounts';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const db = await database();
	const accounts = await listAccounts(db);
	const branches = (await listBranches(db)).filter(({ closed }) => !closed);
	return {
		branches: branches.map(({ id, name }) => ({ id, name })),
		me: locals.person?.id ?? null,
		guarded: locals.guarded,
		roles: ROLE_IDS.map((id) => ({ id, label: ROLES[id].label })),
		accounts: await Promise.all(
			accounts.map(async ({ id, name, role, closed, secret, lockedUntil }) => ({
				id,
				name,
				role,
				closed,
				waits: secret === null,
				lockedUntil,
				at: Object.fromEntries(await rolesAtBranches(db, id)),
				sessions: (await listSessions(db, id)).map(({ seenAt, device }) => ({ seenAt, device }))
			}))
		)
	};
};

const text = (form: FormData, name: string) => {
	const value = form.get(name);
	return typeof value === 'string' && value !== '' ? value : undefined;
};

/** What somebody is at which branches, as a form says it. */
const branchesIn = (form: FormData): Map<string, string> =>
	new Map(
		[...form].flatMap(([name, value]) =>
			name.startsWith('at:') && value !== '' ? [[name.slice(3), String(value)] as const] : []
		)
	);

export const actions: Actions = {
	add: async ({ request }) => {
		const form = await request.formData();
		const given = {
			name: text(form, 'name') ?? '',
			role: text(form, 'role') ?? '',
			password: text(form, 'password') ?? ''
		};
		return orDatabaseFailure(async () => {
			const done = await createAccount(await database(), given, new Date().toISOString());
			return done.ok ? { done: `${given.name} has an account.` } : fail(400, { message: done.error });
		});
	},
	change: async ({ request }) => {
		const form = await request.formData();
		const asked = {
			...(text(form, 'name') ? { name: text(form, 'name') as string } : {}),
			...(text(form, 'role') ? { role: text(form, 'role') as string } : {}),
			...(text(form, 'password') ? { password: text(form, 'password') as string } : {}),
			...(form.has('at') ? { branches: branchesIn(form) } : {}),
			...(text(form, 'closed') ? { closed: text(form, 'closed') === 'yes' } : {})
		};
		return orDatabaseFailure(async () => {
			const done = await changeAccount(await database(), Number(form.get('id')), asked);
			return done.ok ? { done: `The account of ${done.value.name} is changed.` } : fail(400, { message: done.error });
		});
	},
	out: async ({ request }) => {
		const id = Number((await request.formData()).get('id'));
		await signOutEverywhere(await database(), id);
		return { done: 'Signed out everywhere.' };
	},
	tablet: async ({ request }) => {
		const id = Number((await request.formData()).get('id'));
		return orDatabaseFailure(async () => ({ code: await makeBayCode(await database(), id, new Date().toISOString()) }));
	}
};
