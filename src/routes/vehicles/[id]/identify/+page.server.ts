import { error, fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import type { Socket } from '$lib/core/model';
import type { Cut, Difference } from '$lib/core/identify';
import { identityOf, readIdentity } from '$lib/core/record';
import type { Result } from '$lib/core/result';
import { socketName, socketsInWalk, vehicleName } from '$lib/core/vehicle';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorHere } from '$lib/server/actor';
import { findConfiguration, nearConfigurations } from '$lib/server/repositories/configurations';
import { copyConfiguration, mergeConfigurations, splitConfiguration } from '$lib/server/services/record/create';
import { fitUnit, makeUnit, showUnits } from '$lib/server/services/record/units';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const db = await database();
	const configuration = await findConfiguration(db, params.id);
	if (!configuration) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const near = await nearConfigurations(db, configuration);
	return {
		identity: identityOf(configuration),
		others: near.filter((c) => c.make === configuration.make).map(({ id, name }) => ({ id, name })),
		units: await showUnits(db),
		sockets: socketsInWalk(configuration).map((s) => ({ id: s.id, name: socketName(s), unit: s.unit?.id ?? null }))
	};
};

const text = (form: FormData, field: string) => String(form.get(field) ?? '').trim();

/** What every action here has in common: the work, trouble with the database as one sentence, and the page that comes next. */
async function done<T>(work: () => Promise<Result<T, string>>, then: (value: T) => string) {
	const answer = await orDatabaseFailure(work);
	if (!('ok' in answer)) return answer;
	if (!answer.ok) return fail(400, { message: answer.error });
	redirect(303, then(answer.value));
}

const walkOf = ({ id }: { id: string }) => resolve('/vehicles/[id]/walk/[[socket]]', { id });
const start = async (request: Request) => ({
	form: await request.formData(),
	db: await database(),
	actor: actorHere()
});

export const actions: Actions = {
	split: async ({ params, request }) => {
		const { form, db, actor } = await start(request);
		const cut: Cut =
			text(form, 'by') === 'option'
				? { by: 'option', option: text(form, 'option'), stays: text(form, 'stays'), becomes: text(form, 'becomes') }
				: { by: 'year', from: Number(text(form, 'from')) };
		return done(
			() => splitConfiguration(db, { id: params.id, cut }, actor),
			({ id }) => resolve('/vehicles/[id]/identify', { id })
		);
	},
	copy: async ({ params, request }) => {
		const { form, db, actor } = await start(request);
		const identity = readIdentity((field) => String(form.get(field) ?? ''));
		if (!identity.ok) return fail(400, { message: identity.error });
		return done(() => copyConfiguration(db, { from: params.id, identity: identity.value }, actor), walkOf);
	},
	merge: async ({ params, request }) => {
		const { form, db, actor } = await start(request);
		const merged = await orDatabaseFailure(() =>
			mergeConfigurations(db, { keep: params.id, drop: text(form, 'other') }, actor)
		);
		if (!('ok' in merged)) return merged;
		if (!merged.ok) {
			const { message, differences } = merged.error;
			return fail(400, { message, differences: differences as Difference[] });
		}
		return { done: `Merged: ${vehicleName(merged.value)}.` };
	},
	makeUnit: async ({ params, request }) => {
		const { form, db, actor } = await start(request);
		const marks = text(form, 'marks')
			.split(',')
			.map((mark) => mark.trim())
			.filter(Boolean);
		const sockets = form.getAll('socket').map(String);
		const wanted = { configuration: params.id, sockets, name: text(form, 'name'), marks };
		return done(
			() => makeUnit(db, wanted, actor),
			() => resolve('/vehicles/[id]/identify', { id: params.id })
		);
	},
	fitUnit: async ({ params, request }) => {
		const { form, db, actor } = await start(request);
		const sides = text(form, 'sides') === 'centre' ? (['centre'] as const) : (['left', 'right'] as const);
		const zone = text(form, 'zone') as Socket['zone'];
		const wanted = { configuration: params.id, unit: text(form, 'unit'), zone, sides };
		return done(
			() => fitUnit(db, wanted, actor),
			() => walkOf({ id: params.id })
		);
	}
};
