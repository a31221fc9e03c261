import type { Knex } from 'knex';
import { z } from 'zod';
import { causeOf, lessonFrom, type Lesson } from '../../core/learn';
import { day, factOf, isNumeric, REMEDY_KINDS, type Configuration } from '../../core/model';
import { readAmount, readNumber, type Currency } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import { change, type Tx } from '../db/change';
import { findComplaint, putComplaint, type StoredComplaint } from '../repositories/complaints';
import { findConfiguration } from '../repositories/configurations';
import { lastEvent } from '../repositories/events';
import { shopDay } from '../shop-time';
import { changeRecordIn } from './record/change';
import { CONFIGURATIONS, type Actor } from './record/store';
import { addProductEvidence } from './stock';

/** How a complaint is settled. */
export const settlingForm = z.object({
	cause: z.string().min(1, 'Choose the cause'),
	socket: z.string().optional(),
	channel: z.string().optional(),
	remedy: z.enum(REMEDY_KINDS, 'Choose what ended it'),
	words: z.string().trim().max(200).default(''),
	minutes: z.string().default(''),
	cost: z.string().default(''),
	neverAgain: z.boolean().default(false),
	/** What the record learns: the value of the fact that the cause asks for; empty for nothing. */
	learns: z.string().trim().max(80).default('')
});
export type Settling = z.infer<typeof settlingForm>;

/** What a settled complaint did. */
export interface Settled {
	complaint: StoredComplaint;
	/** What the record learnt, a sentence each. */
	learnt: string[];
}

/** A value as it was typed, for a fact. */
function valueOf({ of, fact }: Lesson, typed: string): Result<unknown, string> {
	const definition = factOf(of.kind, fact);
	if (!isNumeric(definition)) return ok(typed);
	const number = readNumber(typed);
	return number === null
		? err(`${definition.label} has to be a number, such as 0.6. Nothing was settled.`)
		: ok(number);
}

async function learn(
	tx: Tx,
	{ configuration, lesson, typed }: { configuration: Configuration; lesson: Lesson; typed: string },
	{ actor, note }: { actor: Actor; note: string }
): Promise<Result<string[], string>> {
	const { of, fact } = lesson;
	if (of.kind === 'product') return ok([]);
	const value = valueOf(lesson, typed);
	if (!value.ok) return value;
	const base = await lastEvent(tx, CONFIGURATIONS.name(configuration.id));
	const done = await changeRecordIn(
		tx,
		{
			id: configuration.id,
			base,
			command: {
				kind: 'settle',
				subject: { kind: of.kind, id: of.id },
				fact,
				value: value.value,
				source: 'in-hand',
				note
			}
		},
		actor
	);
	return done.ok ? ok([done.value.what]) : err(`${done.error.message} Nothing was settled.`);
}

const suspectOf = ({ cause: id, socket, channel }: Settling) => {
	const cause = causeOf(id);
	return cause ? { cause, socket: socket || null, channel: channel || null } : null;
};

/** A whole number of at least nothing; undefined for an empty field, null for one that is none. */
function whole(text: string): number | undefined | null {
	if (text.trim() === '') return undefined;
	const number = readNumber(text);
	return number === null || number < 0 ? null : Math.round(number);
}

/** Settles a complaint by its cause; the record learns in the same change. */
export async function settleComplaint(
	db: Knex,
	id: string,
	{ settling, currency, actor }: { settling: Settling; currency: Currency; actor: Actor }
): Promise<Result<Settled, string>> {
	const suspect = suspectOf(settling);
	const minutes = whole(settling.minutes);
	const cost = settling.cost.trim() === '' ? undefined : readAmount(settling.cost, currency);
	if (minutes === null) return err('Minutes have to be a number of 0 or more. Nothing was settled.');
	if (cost === null || (cost ?? 0) < 0) return err('The cost has to be an amount of 0 or more. Nothing was settled.');
	const today = shopDay(actor.now);
	const note = `complaint ${id}, ${settling.cause.replaceAll('-', ' ')}`;
	const done = await change<Settled, string>(db, async (tx) => {
		const there = await findComplaint(tx, id);
		if (!there) return err(`There is no complaint “${id}”.`);
		if (there.state === 'settled') return err('It is settled already. Nothing was changed.');
		const configuration = there.configuration === undefined ? null : await findConfiguration(tx, there.configuration);
		const lesson = configuration && suspect ? lessonFrom(configuration, suspect, there.product) : null;
		const learnt =
			configuration && lesson && settling.learns !== ''
				? await learn(tx, { configuration, lesson, typed: settling.learns }, { actor, note })
				: ok([]);
		if (!learnt.ok) return learnt;
		const socket = settling.socket || there.socket;
		if (settling.neverAgain && (!there.product || !socket || !there.configuration))
			return err('“Never again” wants a product, a place and a vehicle. Nothing was settled.');
		const words = settling.words || (suspect?.cause.remedy.words ?? 'settled');
		const complaint: StoredComplaint = {
			...there,
			state: 'settled',
			cause: settling.cause,
			...(socket ? { socket } : {}),
			...(settling.channel ? { channel: settling.channel } : {}),
			remedy: { kind: settling.remedy, words },
			settled: words,
			settledOn: day.parse(today),
			...(actor.by ? { settledBy: actor.by } : {}),
			...(minutes === undefined ? {} : { minutes }),
			...(cost === undefined ? {} : { cost: cost as NonNullable<StoredComplaint['cost']> }),
			...(settling.neverAgain ? { neverAgain: true } : {})
		};
		await putComplaint(tx, complaint);
		return ok({ complaint, learnt: learnt.value });
	});
	if (!done.ok || settling.learns === '') return done;
	const ofProduct = await learnOfProduct(db, { settling, complaint: done.value.complaint, note }, actor);
	return ok({ ...done.value, learnt: [...done.value.learnt, ...ofProduct] });
}

/** A fact of the product that a cause taught goes among its evidence. */
async function learnOfProduct(
	db: Knex,
	{ settling, complaint, note }: { settling: Settling; complaint: StoredComplaint; note: string },
	actor: Actor
): Promise<string[]> {
	const suspect = suspectOf(settling);
	const configuration =
		complaint.configuration === undefined ? null : await findConfiguration(db, complaint.configuration);
	const lesson = configuration && suspect ? lessonFrom(configuration, suspect, complaint.product) : null;
	if (lesson?.of.kind !== 'product') return [];
	const item = {
		fact: lesson.fact,
		value: settling.learns,
		source: 'in-hand' as const,
		on: shopDay(actor.now),
		...(actor.by ? { by: actor.by } : {}),
		note
	};
	const done = await addProductEvidence(db, { id: lesson.of.id, item }, actor);
	return done.ok ? [`${lesson.of.id}: ${lesson.fact} ${settling.learns}, in hand`] : [];
}

/** Opens a settled complaint again: what its record learnt stays, with its history. */
export function reopenComplaint(db: Knex, id: string): Promise<Result<StoredComplaint, string>> {
	return change(db, async (tx) => {
		const there = await findComplaint(tx, id);
		if (!there) return err(`There is no complaint “${id}”.`);
		const { settled: _s, settledOn: _o, settledBy: _b, cause: _c, remedy: _r, neverAgain: _n, ...rest } = there;
		const open: StoredComplaint = { ...rest, state: 'open' };
		await putComplaint(tx, open);
		return ok(open);
	});
}
