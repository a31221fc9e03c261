import { json } from '@sveltejs/kit';
import { readJson } from '$lib/core/exchange';
import { proof } from '$lib/core/model';
import { actorHere } from '$lib/server/actor';
import { databaseFailure } from '$lib/server/db/failure';
import { keepProof } from '$lib/server/services/proofs';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { RequestHandler } from './$types';

const refused = (message: string, status: number) => json({ message }, { status });

/** Keeps a proof that was made on this vehicle. Who and when are said by the request, not by what it brings; a beam check is signed elsewhere. */
export const POST: RequestHandler = async ({ params, request }) => {
	const actor = actorHere();
	const sent = readJson(await request.text());
	const body = (sent.ok ? sent.value : {}) as { proof?: object; finished?: unknown };
	const read = proof.safeParse({
		...body.proof,
		configuration: params.id,
		on: shopDay(actor.now),
		...(actor.by ? { by: actor.by } : { by: undefined })
	});
	if (!read.success) {
		const [issue] = read.error.issues;
		return refused(`This cannot be kept: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}.`, 400);
	}
	if (read.data.kind === 'beam-check') return refused('A beam check is signed on its own page. Nothing was kept.', 400);
	try {
		const done = await keepProof(await database(), read.data, { finished: body.finished === true, actor });
		return done.ok ? json(done.value) : refused(done.error, 409);
	} catch (error) {
		const message = databaseFailure(error);
		if (message === null) throw error;
		return refused(message, 503);
	}
};
