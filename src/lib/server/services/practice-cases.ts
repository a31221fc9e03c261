import type { Knex } from 'knex';
import { z } from 'zod';
import { caseFromComplaint, casesFromRecord, type HouseCase } from '../../core/practice';
import { err, ok, type Result } from '../../core/result';
import { change, changeAlways } from '../db/change';
import { complaintsIn } from '../repositories/complaints';
import { findConfigurations } from '../repositories/configurations';
import { recentRecords } from '../repositories/events';
import { addCase, knownRefs, leaveCaseOut } from '../repositories/practice-cases';
import { CONFIGURATIONS } from './record/store';

const words = (most: number, asked: string) =>
	z.string().trim().min(1, asked).max(most, `must be at most ${most} characters`);

/** A case that somebody wrote: what it has to have, and how long it may be. */
const writtenCase = z.object({
	task: words(300, 'Write the question'),
	given: z.array(z.object({ label: z.string(), value: words(300, 'Say what is known') })),
	answers: z
		.array(
			z.object({
				words: words(200, 'Write the answer'),
				isRight: z.boolean(),
				why: words(500, 'Write what says so')
			})
		)
		.min(2, 'A question has two answers at least')
		.refine(
			(answers) => new Set(answers.map((one) => one.words.toLowerCase())).size === answers.length,
			'Two answers must not be the same'
		)
});
/** What a mistake costs where nobody says, min. */
const USUAL_MINUTES = 30;

/** Settled complaints, and vehicles that were changed last, that are looked through for cases. */
const LOOKED_THROUGH = { complaints: 200, vehicles: 40 } as const;

interface Found {
	ref: string;
	made: HouseCase;
}

/** Cases in what a shop has settled: complaints, and questions about its vehicles. */
async function casesIn(shop: Knex): Promise<Found[]> {
	const complaints = await complaintsIn(shop, ['settled'], LOOKED_THROUGH.complaints);
	const recent = await recentRecords(shop, CONFIGURATIONS.name(''), LOOKED_THROUGH.vehicles);
	const about = complaints.flatMap(({ configuration }) => configuration ?? []);
	const vehicles = await findConfigurations(shop, [...new Set([...recent, ...about])]);
	const byId = new Map(vehicles.map((one) => [one.id as string, one]));
	return [
		...complaints.flatMap((complaint): Found[] => {
			const made = caseFromComplaint(complaint, byId.get(complaint.configuration ?? '') ?? null);
			return made ? [{ ref: `complaint ${complaint.id}`, made }] : [];
		}),
		...vehicles.flatMap(casesFromRecord)
	];
}

/**
 * Takes what the shop has settled into the practice, each thing once.
 * @param shop the shop's own database, which is only read
 * @returns how many cases are new
 */
export async function gatherCases(shop: Knex, practice: Knex, now: string): Promise<number> {
	const known = await knownRefs(practice);
	const fresh = (await casesIn(shop)).filter(({ ref }) => !known.has(ref));
	if (fresh.length === 0) return 0;
	await changeAlways(practice, async (tx) => {
		for (const { ref, made } of fresh) await addCase(tx, { ref, made, at: now });
	});
	return fresh.length;
}

/** A case as a form sends it: the right answer first, wrong ones where anything is written. */
export interface WrittenCase {
	task: string;
	given: string;
	right: string;
	why: string;
	wrong: readonly { words: string; why: string }[];
}

/** What a learner reads of a wrong answer where nobody wrote why. */
const UNSAID = 'What stands says so.';

/** Writes a case of one's own. */
export async function writeCase(
	practice: Knex,
	{ task, given, right, why, wrong }: WrittenCase,
	now: string
): Promise<Result<number, string>> {
	const read = writtenCase.safeParse({
		task,
		given: given.trim() === '' ? [] : [{ label: 'What is known', value: given }],
		answers: [
			{ words: right, isRight: true, why },
			...wrong
				.filter(({ words }) => words.trim() !== '')
				.map((one) => ({ words: one.words, isRight: false, why: one.why.trim() || UNSAID }))
		]
	});
	if (!read.success) return err(`${read.error.issues[0]?.message ?? 'It cannot be read'}. Nothing was kept.`);
	return change(practice, async (tx) => {
		const made: HouseCase = { ...read.data, source: 'written by somebody of this shop', minutes: USUAL_MINUTES };
		await addCase(tx, { ref: null, made, at: now });
		return ok(1);
	});
}

/** Leaves a case out from now on. */
export async function leaveOut(practice: Knex, number: number, now: string): Promise<Result<null, string>> {
	return change(practice, async (tx) =>
		(await leaveCaseOut(tx, number, now)) ? ok(null) : err('That case is not asked any more.')
	);
}
