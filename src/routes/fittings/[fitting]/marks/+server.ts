import { json } from '@sveltejs/kit';
import { readJson } from '$lib/core/exchange';
import { actorHere } from '$lib/server/actor';
import { databaseFailure } from '$lib/server/db/failure';
import { sentMarks, takeMarks } from '$lib/server/services/fittings';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const refused = (message: string, status: number) => json({ message }, { status });

/** Takes in what was ticked and found, however long ago and however often it is sent. */
export const POST: RequestHandler = async ({ params, request }) => {
	const text = readJson(await request.text());
	const read = sentMarks.safeParse(text.ok ? text.value : null);
	if (!read.success) {
		const [issue] = read.error.issues;
		return refused(`These marks cannot be read: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}.`, 400);
	}
	try {
		const done = await takeMarks(await database(), params.fitting, { marks: read.data.marks, actor: actorHere() });
		return done.ok ? json({ marks: done.value }) : refused(done.error, 409);
	} catch (error) {
		const message = databaseFailure(error);
		if (message === null) throw error;
		return refused(message, 503);
	}
};
