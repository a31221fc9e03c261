import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { signIn, signInByCode, signOut } from '$lib/server/access/accounts';
import { overLimit } from '$lib/server/access/limits';
import { ROLE_IDS, ROLES } from '$lib/server/access/roles';
import { dropSession, keepSession, sessionOf, tryRole } from '$lib/server/access/who';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { readSetting } from '$lib/server/repositories/settings';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	guarded: locals.guarded,
	signedIn: locals.person?.name ?? null,
	roles: ROLE_IDS.map((id) => ({ id, label: ROLES[id].label, chosen: locals.person?.role === id }))
});

/** Where somebody was going; only an address of this server. */
function wayOn(url: URL): string {
	const to = url.searchParams.get('to') ?? '';
	return /^\/(?![/\\])/.test(to) ? to : resolve('/');
}

const TOO_MANY = 'Too many tries from here: wait a minute.';

const device = ({ request }: RequestEvent) => request.headers.get('user-agent') ?? 'unknown';

export const actions: Actions = {
	in: async (event) => {
		if (await overLimit('entry', event.getClientAddress())) return fail(429, { message: TOO_MANY });
		const form = await event.request.formData();
		const given = {
			name: String(form.get('name') ?? ''),
			password: String(form.get('password') ?? ''),
			device: device(event)
		};
		const done = await orDatabaseFailure(async () => signIn(await database(), given, new Date().toISOString()));
		if ('status' in done) return done;
		if (!done.ok) return fail(400, { message: done.error, name: given.name });
		keepSession(event.cookies, event.url, done.value);
		redirect(303, wayOn(event.url));
	},
	code: async (event) => {
		if (await overLimit('entry', event.getClientAddress())) return fail(429, { message: TOO_MANY });
		const code = String((await event.request.formData()).get('code') ?? '');
		const done = await orDatabaseFailure(async () =>
			signInByCode(await database(), { code, device: `tablet, ${device(event)}` }, new Date().toISOString())
		);
		if ('status' in done) return done;
		if (!done.ok) return fail(400, { message: done.error });
		keepSession(event.cookies, event.url, done.value);
		redirect(303, wayOn(event.url));
	},
	out: async ({ cookies }) => {
		const token = sessionOf(cookies);
		if (token) await signOut(await database(), token);
		dropSession(cookies);
		redirect(303, resolve('/sign-in'));
	},
	role: async ({ request, cookies, url, locals }) => {
		const role = String((await request.formData()).get('role') ?? '');
		const demo = (await readSetting(await database(), 'demo')) === true;
		if (locals.guarded || !demo || !ROLE_IDS.some((id) => id === role))
			return fail(403, { message: 'Roles are tried in the demo only.' });
		tryRole(cookies, url, role);
		redirect(303, wayOn(url));
	}
};
