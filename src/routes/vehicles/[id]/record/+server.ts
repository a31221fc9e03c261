import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { readJson } from '$lib/core/exchange';
import { databaseFailure } from '$lib/server/db/failure';
import { actorHere } from '$lib/server/actor';
import { changeRecord, type Refusal } from '$lib/server/services/record/change';
import { command } from '$lib/server/services/record/commands';
import { stepHistory } from '$lib/server/services/record/history';
import { CONFIGURATIONS, UNITS } from '$lib/server/services/record/store';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const body = z.union([
	/** A step of the record's own history, or of a shared unit's. */
	z.object({ step: z.enum(['undo', 'redo']), unit: z.string().optional(), base: z.number().int().min(0).optional() }),
	z.object({ base: z.number().int().min(0), command })
]);

const STATUS: Record<Refusal['kind'], number> = { gone: 404, problem: 422, conflict: 409 };

/** What came as JSON; null when it cannot be read. */
async function readBody(request: Request): Promise<unknown> {
	const read = readJson(await request.text());
	return read.ok ? read.value : null;
}

const problem = (message: string, status: number) => json({ refusal: { kind: 'problem', message } }, { status });

/** One change to a vehicle's record, or one step of its history. */
export const POST: RequestHandler = async ({ params, request }) => {
	const read = body.safeParse(await readBody(request));
	if (!read.success) return problem(`This is no change that can be made: ${read.error.issues[0]?.message}.`, 400);
	try {
		const db = await database();
		const actor = actorHere();
		if ('step' in read.data) {
			const { step, unit, base } = read.data;
			const done = unit
				? await stepHistory(db, UNITS, { id: unit, way: step, actor })
				: await stepHistory(db, CONFIGURATIONS, { id: params.id, way: step, base, actor });
			return done.ok ? json({ what: done.value }) : problem(done.error, 422);
		}
		const done = await changeRecord(db, { id: params.id, ...read.data }, actor);
		return done.ok ? json(done.value) : json({ refusal: done.error }, { status: STATUS[done.error.kind] });
	} catch (error) {
		const message = databaseFailure(error);
		if (message === null) throw error;
		return problem(message, 503);
	}
};
