import { fail } from '@sveltejs/kit';
import { API_SCOPES, API_SCOPE_IDS } from '$lib/server/api/api';
import { createToken, takeBackToken } from '$lib/server/access/tokens';
import { changeAlways } from '$lib/server/db/change';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { listTokens } from '$lib/server/repositories/api-tokens';
import { endWebhook, lastMessages, listWebhooks } from '$lib/server/repositories/webhooks';
import { createWebhook, WEBHOOK_EVENT_IDS, WEBHOOK_EVENTS } from '$lib/server/services/webhooks';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const MOST_MESSAGES = 30;

export const load: PageServerLoad = async ({ url }) => {
	const db = await database();
	const hooks = await listWebhooks(db);
	return {
		address: `${url.origin}/api/v1`,
		scopes: API_SCOPE_IDS.map((id) => ({ id, words: API_SCOPES[id] })),
		events: WEBHOOK_EVENT_IDS.map((id) => ({ id, words: WEBHOOK_EVENTS[id] })),
		tokens: (await listTokens(db)).filter(({ endedAt }) => endedAt === null),
		hooks: hooks.map(({ id, address, events, createdAt }) => ({ id, address, events, createdAt })),
		messages: (await lastMessages(db, MOST_MESSAGES)).map(({ body: _body, hook, ...message }) => ({
			...message,
			address: hooks.find(({ id }) => id === hook)?.address ?? 'taken out'
		}))
	};
};

const chosen = (form: FormData, name: string): string[] => form.getAll(name).map(String);

export const actions: Actions = {
	token: async ({ request }) => {
		const form = await request.formData();
		const goodUntil = String(form.get('until') ?? '') || null;
		const asked = { name: String(form.get('name') ?? ''), scopes: chosen(form, 'scope'), goodUntil };
		return orDatabaseFailure(async () => {
			const made = await createToken(await database(), asked, new Date().toISOString());
			return made.ok
				? { shown: { what: `The token of ${asked.name.trim()}`, text: made.value } }
				: fail(400, { message: made.error });
		});
	},
	take: async ({ request }) => {
		const id = Number((await request.formData()).get('id'));
		return orDatabaseFailure(async () =>
			(await takeBackToken(await database(), id, new Date().toISOString()))
				? { done: 'The token is taken back: it is good for nothing any more.' }
				: fail(404, { message: 'This token was taken back already.' })
		);
	},
	hook: async ({ request }) => {
		const form = await request.formData();
		const asked = { address: String(form.get('address') ?? '').trim(), events: chosen(form, 'event') };
		return orDatabaseFailure(async () => {
			const made = await createWebhook(await database(), asked, new Date().toISOString());
			return made.ok
				? { shown: { what: `What messages to ${asked.address} are signed with`, text: made.value } }
				: fail(400, { message: made.error });
		});
	},
	end: async ({ request }) => {
		const id = Number((await request.formData()).get('id'));
		return orDatabaseFailure(async () => {
			await changeAlways(await database(), (tx) => endWebhook(tx, id, new Date().toISOString()));
			return { done: 'It is told nothing more.' };
		});
	}
};
