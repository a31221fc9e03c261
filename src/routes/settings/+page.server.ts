import { readNumber } from '$lib/core/quantity';
import { fail } from '@sveltejs/kit';
import { shopDay } from '$lib/server/shop-time';
import { policy as policySchema } from '$lib/core/model';
import { ASSUMPTIONS } from '$lib/core/kit';
import type { SetValues } from '$lib/core/quantity';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { bytesText } from '$lib/core/quantity';
import { may } from '$lib/server/access/roles';
import { dataFolder } from '$lib/server/config';
import { listBackups } from '$lib/server/services/backups';
import { examineInThread, saveInThread } from '$lib/server/workers/backups';
import { fingerprint } from '$lib/server/fingerprint';
import { actorHere } from '$lib/server/actor';
import { keepName } from '$lib/server/access/who';
import { changeAssumptions, readAssumptions, type AssumptionChange } from '$lib/server/services/assumptions';
import { followUpMonths, setFollowUpMonths } from '$lib/server/services/follow-ups';
import { whereIs, whereWords } from '$lib/server/db/where';
import { changePolicy, hasOwnPolicy, readMeasures, readPolicy } from '$lib/server/services/policy';
import { changeSetup, readSetup, shopSetup } from '$lib/server/services/shop-setup';
import type { Actor } from '$lib/server/services/record/store';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const AREAS = [
	{ title: 'How candidates are ranked', starts: 'ranking.' },
	{ title: 'Heat', starts: 'heat.' },
	{ title: 'Work in the bay', starts: 'work.' },
	{ title: 'Beam check', starts: 'proof.' }
];

export const load: PageServerLoad = async ({ locals }) => {
	const db = await database();
	const [policy, set] = [await readPolicy(db), await readAssumptions(db)];
	const [last] = listBackups(dataFolder());
	return {
		mayKeep: may(locals.person?.role ?? 'workshop', 'keep'),
		mayPeople: may(locals.person?.role ?? 'workshop', 'people'),
		backup: last ? { at: last.at, bytes: last.bytes, file: last.file } : null,
		folder: dataFolder(),
		data: whereWords(whereIs(dataFolder())),
		policy,
		/** Whether it is this branch's alone; null at the first branch, whose policy holds for all that have none. */
		ownPolicy: locals.workplace.branch === null ? null : await hasOwnPolicy(db),
		measured: await readMeasures(db),
		setup: await readSetup(db),
		askedAfter: await followUpMonths(db),
		set,
		saw: { policy: fingerprint(policy), set: fingerprint(set) },
		areas: AREAS.map(({ title, starts }) => ({ title, list: ASSUMPTIONS.filter(({ id }) => id.startsWith(starts)) }))
	};
};

/** What the fields of a form say of the assumptions; an empty value goes back to the default. What stays as it was is left out. */
function changesIn(form: FormData, set: SetValues, actor: Actor): AssumptionChange[] {
	const { by, now } = actor;
	return ASSUMPTIONS.flatMap(({ id }): AssumptionChange[] => {
		const typed = form.get(`value:${id}`);
		if (typeof typed !== 'string') return [];
		const [text, source] = [typed.trim(), String(form.get(`source:${id}`) ?? '').trim()];
		const old = set[id];
		if (text === '') return old ? [{ id, set: null }] : [];
		const value = readNumber(text) ?? NaN;
		if (old && value === old.value && source === old.source) return [];
		return [{ id, set: { value, source, on: shopDay(now), ...(by ? { by } : {}) } }];
	});
}

export const actions: Actions = {
	backup: () =>
		orDatabaseFailure(async () => {
			const { file, bytes } = await saveInThread(dataFolder());
			return { kept: `Saved and opened again: ${file}, ${bytesText(bytes)}.` };
		}),
	doctor: () => orDatabaseFailure(async () => ({ examined: await examineInThread(dataFolder()) })),
	person: async ({ request, cookies, url, locals }) => {
		const name = String((await request.formData()).get('person') ?? '');
		if (locals.guarded) return fail(409, { message: 'Your account has your name: change it there.' });
		keepName(cookies, url, name);
		return { person: name.trim() };
	},
	assumptions: async ({ request }) => {
		const db = await database();
		const form = await request.formData();
		const changes = changesIn(form, await readAssumptions(db), actorHere());
		return orDatabaseFailure(async () => {
			const done = await changeAssumptions(db, changes, String(form.get('was') ?? ''));
			return done.ok ? { assumed: true } : fail(400, { message: done.error });
		});
	},
	measures: async ({ request }) => {
		const form = Object.fromEntries(await request.formData());
		const db = await database();
		const read = shopSetup.safeParse({ ...(await readSetup(db)), ...form });
		if (!read.success)
			return fail(400, {
				message: 'Choose units, a way to write days and a market from the lists. Nothing was changed.'
			});
		return orDatabaseFailure(async () => {
			const done = await changeSetup(db, read.data);
			return done.ok ? { measured: true } : fail(409, { message: done.error });
		});
	},
	asking: async ({ request }) => {
		const line = String((await request.formData()).get('months') ?? '');
		const db = await database();
		return orDatabaseFailure(async () => {
			const done = await setFollowUpMonths(db, line);
			return done.ok ? { asking: true } : fail(400, { message: done.error });
		});
	},
	policy: async ({ request }) => {
		const db = await database();
		const { was = '', common, ...fields } = Object.fromEntries(await request.formData());
		if (common !== undefined)
			return orDatabaseFailure(async () => {
				const done = await changePolicy(db, null, String(was));
				return done.ok ? { saved: true } : fail(409, { message: done.error });
			});
		const read = policySchema.safeParse({ ...(await readPolicy(db)), ...fields });
		if (!read.success) return fail(400, { message: 'Choose one of the policies. Nothing was changed.' });
		return orDatabaseFailure(async () => {
			const done = await changePolicy(db, read.data, String(was));
			return done.ok ? { saved: true } : fail(409, { message: done.error });
		});
	}
};
