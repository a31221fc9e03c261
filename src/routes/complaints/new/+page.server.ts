import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { vehicleName } from '$lib/core/vehicle';
import { actorHere } from '$lib/server/actor';
import { lineOf, newComplaintId, readSeen } from '$lib/server/complaint-input';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { findConfigurations } from '$lib/server/repositories/configurations';
import { searchIds } from '$lib/server/repositories/search';
import { showDesk } from '$lib/server/services/complaint-desk';
import { complaintForm, fileComplaint } from '$lib/server/services/complaints';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { Actions, PageServerLoad } from './$types';

/** Vehicles offered for a search. */
const MOST = 8;

export const load: PageServerLoad = async ({ url }) => {
	const db = await database();
	const named = (name: string) => url.searchParams.get(name)?.trim() || undefined;
	const typed = (named('q') ?? '').slice(0, 120);
	const { ids } = typed === '' ? { ids: [] } : await searchIds(db, typed.split(/\s+/), MOST);
	return {
		desk: await showDesk(db, {
			configuration: named('vehicle'),
			code: named('code')?.toUpperCase(),
			fitting: named('fitting')
		}),
		typed,
		found: (await findConfigurations(db, ids)).map((one) => ({ id: one.id as string, name: vehicleName(one) })),
		today: shopDay(new Date().toISOString())
	};
};

export const actions: Actions = {
	file: async ({ request }) => {
		const form = await request.formData();
		const seen = readSeen(form.get('seen'));
		if (!seen.ok) return fail(400, { message: seen.error, same: null });
		const said = complaintForm.safeParse({
			seen: seen.value,
			...(Object.fromEntries(
				['configuration', 'code', 'fitting', 'by', 'on'].flatMap((name) => {
					const line = lineOf(form, name);
					return line === undefined ? [] : [[name, line]];
				})
			) as object),
			...(lineOf(form, 'symptom', 1000) ? { symptom: lineOf(form, 'symptom', 1000) } : {})
		});
		if (!said.success) {
			const [first] = said.error.issues;
			return fail(400, { message: `${first?.path.join(' ')}: ${first?.message}. Nothing was filed.`, same: null });
		}
		const again = form.get('again') === 'on';
		const filed = await orDatabaseFailure(async () => {
			const done = await fileComplaint(
				await database(),
				{ said: said.data, id: newComplaintId(), from: 'shop', again },
				actorHere()
			);
			return done.ok
				? { id: done.value }
				: fail(done.error.same ? 409 : 400, { message: done.error.message, same: done.error.same ?? null });
		});
		if (!('id' in filed) || typeof filed.id !== 'string') return filed;
		redirect(303, resolve('/complaints/[complaint]', { complaint: filed.id }));
	}
};
