import { readNumber } from '$lib/core/quantity';
import { fail } from '@sveltejs/kit';
import { readJson } from '$lib/core/exchange';
import { EVIDENCE_SOURCES } from '$lib/core/model';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { pageFrom } from '$lib/server/page-of';
import { actorHere } from '$lib/server/actor';
import { lastEvent } from '$lib/server/repositories/events';
import { changeRecord } from '$lib/server/services/record/change';
import { command } from '$lib/server/services/record/commands';
import { CONFIGURATIONS } from '$lib/server/services/record/store';
import { dependenceOf, openQuestion, openShopQuestions, QUESTIONS_A_PAGE } from '$lib/server/services/questions';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const db = await database();
	const { from } = pageFrom(url, QUESTIONS_A_PAGE);
	const { questions, total } = await openShopQuestions(db, { from });
	const [vehicle = '', kind = '', subject = '', fact = ''] = url.searchParams.getAll('q');
	const named = { kind, subject, fact };
	const chosen = await openQuestion(db, vehicle, named);
	return {
		questions,
		from,
		total,
		each: QUESTIONS_A_PAGE,
		chosen,
		// Comes when it is worked out; the questions do not wait for it.
		next: chosen ? null : inThread(dataFolder(), { what: 'nextInShop', asked: [] }).catch(() => []),
		revision: chosen ? await lastEvent(db, CONFIGURATIONS.name(vehicle)) : 0,
		depends: chosen ? await dependenceOf(db, vehicle, named) : null
	};
};

/** A value as a form carries it; nothing when it is none. */
function readValue(text: string): unknown {
	const read = readJson(text || 'null');
	return read.ok ? read.value : undefined;
}

export const actions: Actions = {
	settle: async ({ request }) => {
		const form = await request.formData();
		const field = (name: string) => String(form.get(name) ?? '').trim();
		const source = EVIDENCE_SOURCES.find((word) => word === field('source'));
		const own = field('choice') === 'own';
		const ownValue = (field('numeric') ? readNumber(field('own')) : null) ?? field('own');
		if (own && field('own') === '') return fail(400, { message: 'Type the value that was found instead.' });
		const read = command.safeParse({
			kind: 'settle',
			subject: { kind: field('kind'), id: field('subject') },
			fact: field('fact'),
			value: own ? ownValue : readValue(field('choice')),
			...(own && source ? { source } : {}),
			...(field('note') ? { note: field('note') } : {})
		});
		if (!read.success || (!own && field('choice') === ''))
			return fail(400, { message: 'Choose the value that holds first.' });
		const request_ = { id: field('vehicle'), base: Number(field('base')), command: read.data };
		const done = await orDatabaseFailure(async () => changeRecord(await database(), request_, actorHere()));
		if (!('ok' in done)) return done;
		return done.ok ? { done: `Settled. ${done.value.what}.` } : fail(409, { message: done.error.message });
	}
};
