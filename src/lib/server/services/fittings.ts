import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import { z } from 'zod';
import { fittingState, MARK_KINDS, takenTimes, type FittingMark, type FittingState } from '../../core/fitup';
import { factOf } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import { agree, liveEvidence, openQuestions, vehicleName } from '../../core/vehicle';
import type { FitUpView } from '../../core/views';
import { change, type Tx } from '../db/change';
import { findConfiguration } from '../repositories/configurations';
import { lastEvent } from '../repositories/events';
import {
	addFitting,
	addMark,
	closeFitting,
	findFitting,
	hasMark,
	keepPicture,
	marksOf,
	type StoredFitting
} from '../repositories/fittings';
import type { KitSheet } from './kits';
import { recordFitted } from './fitted-lamps';
import { changeRecordIn } from './record/change';
import { command } from './record/commands';
import { CONFIGURATIONS, type Actor } from './record/store';

/** Most marks of one request, letters of a note, and bytes of a picture. */
const MOST_MARKS = 200;
const MOST_WORDS = 1000;
const MOST_PICTURE = 3_000_000;

/** What may be said to be different: something that the record can take. */
const finding = command.refine(
	({ kind }) => kind === 'claim' || kind === 'operation' || kind === 'access-line',
	'is nothing that a fitting can say'
);

const sentMark = z.object({
	uid: z.string().min(8).max(64),
	step: z.string().min(1).max(300),
	kind: z.enum(MARK_KINDS),
	at: z.iso.datetime(),
	text: z.string().max(MOST_WORDS).optional(),
	/** What was found, for the record. */
	command: finding.optional(),
	/** A picture as a data address. */
	picture: z
		.string()
		.max(MOST_PICTURE * 1.4)
		.regex(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'is no picture')
		.optional()
});

/** Marks as a tablet sends them, also long after they were made. */
export const sentMarks = z.object({ marks: z.array(sentMark).max(MOST_MARKS) });
type SentMark = z.infer<typeof sentMark>;

/** A fitting with how it stands. */
export interface FittingView {
	fitting: Omit<StoredFitting, 'plan'>;
	vehicle: string;
	plan: FitUpView;
	marks: FittingMark[];
}

/** Ids of the steps of a plan, in the order of the work. */
export const stepsOf = ({ steps, refit, afterwards }: FitUpView): string[] =>
	[...steps, ...refit, ...afterwards].map(({ id }) => id);

/** A fitting as its page shows it; null when it is not there. */
export async function showFitting(db: Knex, id: string): Promise<FittingView | null> {
	const found = await findFitting(db, id);
	if (!found) return null;
	const { plan, ...fitting } = found;
	const configuration = await findConfiguration(db, fitting.configurationId);
	return {
		fitting,
		vehicle: configuration ? vehicleName(configuration) : fitting.configurationId,
		plan,
		marks: await marksOf(db, id)
	};
}

/** Begins to fit a kit: its work is kept as it stands. */
export function startFitting(
	db: Knex,
	sheet: Pick<KitSheet, 'id' | 'name' | 'code' | 'revision' | 'configuration' | 'state'>,
	{ plan, id, actor }: { plan: FitUpView; id: string; actor: Actor }
): Promise<Result<string, string>> {
	return change(db, async (tx) => {
		await addFitting(tx, {
			id,
			configurationId: sheet.configuration.id,
			kitId: sheet.id,
			kitName: sheet.name,
			revision: sheet.state === 'released' ? sheet.revision : null,
			code: sheet.code,
			state: 'running',
			startedAt: actor.now,
			startedBy: actor.by,
			finishedAt: null,
			plan
		});
		return ok(id);
	});
}

async function pictureOf(tx: Tx, address: string): Promise<string> {
	const [head = '', data = ''] = address.split(',');
	const bytes = Buffer.from(data, 'base64');
	const hash = createHash('sha256').update(bytes).digest('hex');
	await keepPicture(tx, hash, { type: head.slice('data:'.length, head.indexOf(';')), bytes });
	return hash;
}

type Found = NonNullable<SentMark['command']>;

/** Open questions that something found in the bay answers with one of the values that stand against each other. */
async function answeredBy(tx: Tx, configurationId: string, said: Found): Promise<Found[]> {
	const configuration = await findConfiguration(tx, configurationId);
	if (!configuration || said.kind !== 'claim') return [];
	return openQuestions(configuration).flatMap(({ subject, fact, values }): Found[] => {
		if (subject.kind !== said.subject.kind || subject.id !== said.subject.id || !Object.hasOwn(said.facts, fact))
			return [];
		const { tolerance } = factOf(subject.kind, fact);
		const held = values.find(({ value }) => agree(value, said.facts[fact], tolerance));
		if (!held) return [];
		return [{ kind: 'settle', subject: said.subject, fact, value: held.value, note: 'found at a fitting' }];
	});
}

/** Takes what was found into the record; what cannot be taken is kept as words, with the reason. A question that it answers is settled by it. */
async function found(
	tx: Tx,
	{ configurationId }: StoredFitting,
	{ command: said, actor }: Pick<SentMark, 'command'> & { actor: Actor }
): Promise<Pick<FittingMark, 'text' | 'taken'>> {
	if (!said) return {};
	const make = async (one: Found) => {
		const base = await lastEvent(tx, CONFIGURATIONS.name(configurationId));
		return changeRecordIn(tx, { id: configurationId, base, command: one }, actor);
	};
	const answered = await answeredBy(tx, configurationId, said);
	const done = await make(said);
	if (!done.ok) return { text: done.error.message, taken: false };
	const words = [done.value.what];
	for (const settling of answered) {
		const settled = await make(settling);
		if (settled.ok) words.push(settled.value.what);
	}
	return { text: words.join('. '), taken: true };
}

/** Minutes taken at operations that nobody had timed in hand go on record; one that was timed before keeps its time. */
async function takeTimes(
	tx: Tx,
	{ configurationId }: StoredFitting,
	{ state, actor }: { state: FittingState; actor: Actor }
): Promise<void> {
	const configuration = await findConfiguration(tx, configurationId);
	const operations = configuration?.access?.operations ?? [];
	for (const { operation: id, ...taken } of takenTimes(
		operations.map((one) => one.id),
		state
	)) {
		const operation = operations.find((one) => one.id === id);
		const facts = Object.fromEntries(
			Object.entries(taken).filter(
				([fact, minutes]) =>
					minutes !== null &&
					!liveEvidence(operation?.evidence, fact).some(({ source }) => source === 'in-hand') &&
					factOf('operation', fact).evidence
			)
		);
		if (Object.keys(facts).length === 0) continue;
		const base = await lastEvent(tx, CONFIGURATIONS.name(configurationId));
		const said = {
			kind: 'claim',
			subject: { kind: 'operation', id },
			facts,
			source: 'in-hand',
			note: 'taken at a fitting'
		} as const;
		await changeRecordIn(tx, { id: configurationId, base, command: said }, actor);
	}
}

/**
 * Takes marks of a fitting in, each once however often it comes. What was found becomes evidence at once.
 * @returns all marks of the fitting as they stand
 */
export function takeMarks(
	db: Knex,
	id: string,
	{ marks, actor }: { marks: readonly SentMark[]; actor: Actor }
): Promise<Result<FittingMark[], string>> {
	return change(db, async (tx) => {
		const fitting = await findFitting(tx, id);
		if (!fitting) return err(`There is no fitting “${id}”. What you ticked is kept on this device.`);
		const steps = new Set(stepsOf(fitting.plan));
		for (const mark of marks) {
			if (await hasMark(tx, mark.uid)) continue;
			const { uid, step, kind, at, text, picture } = mark;
			if (!steps.has(step) && kind !== 'go-on' && kind !== 'pause' && kind !== 'finish')
				return err(`This fitting has no step “${step}”. Nothing was taken.`);
			// A tablet whose clock is ahead does not mark the future.
			const when = at > actor.now ? actor.now : at;
			const said = await found(tx, fitting, { ...mark, actor });
			await addMark(tx, id, {
				uid,
				step,
				kind,
				at: when,
				by: actor.by,
				...(text ? { text } : {}),
				...(said.text ? { text: [text, said.text].filter(Boolean).join(': '), taken: said.taken } : {}),
				...(picture ? { picture: await pictureOf(tx, picture) } : {})
			});
			if (kind === 'finish' && fitting.state === 'running') {
				const state = fittingState(stepsOf(fitting.plan), await marksOf(tx, id));
				await takeTimes(tx, fitting, { state, actor });
				await closeFitting(tx, id, when);
				await recordFitted(tx, fitting, { finishedAt: when });
			}
		}
		return ok(await marksOf(tx, id));
	});
}
