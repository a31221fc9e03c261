import type { Knex } from 'knex';
import { dueFollowUps, USUAL_FOLLOW_UPS, type DueFollowUp } from '../../core/learn';
import type { Complaint } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import { change } from '../db/change';
import { configurationNames } from '../repositories/configurations';
import { findFitting, finishedFittings, type FittingRow } from '../repositories/fittings';
import { answeredMonths, dropFollowUp, putFollowUp } from '../repositories/follow-ups';
import { readSetting, writeSetting } from '../repositories/settings';
import { shopDay } from '../shop-time';
import { fileComplaint, type NotFiled } from './complaints';
import type { Actor } from './record/store';

const SETTING = 'follow-up-months';
/** Months a shop may ask after. */
const MOST_MONTHS = 120;

/** Months after which this shop asks. */
export async function followUpMonths(db: Knex): Promise<number[]> {
	const set = await readSetting(db, SETTING);
	return Array.isArray(set) ? (set as number[]) : [...USUAL_FOLLOW_UPS];
}

/** Sets the months after which this shop asks, from a line such as "1, 6, 12"; an empty one asks after nothing. */
export function setFollowUpMonths(db: Knex, line: string): Promise<Result<number[], string>> {
	const parts = line.split(/[\s,;]+/).filter(Boolean);
	const months = [...new Set(parts.map(Number))].sort((a, b) => a - b);
	const wrong = parts.find((part) => {
		const month = Number(part);
		return !Number.isInteger(month) || month < 1 || month > MOST_MONTHS;
	});
	return change(db, async (tx) => {
		if (wrong !== undefined)
			return err(`“${wrong}” is no number of months from 1 to ${MOST_MONTHS}. Nothing was changed.`);
		await writeSetting(tx, SETTING, months);
		return ok(months);
	});
}

/** A question that is due, with the vehicle's name. */
export interface DueView {
	fitting: string;
	configuration: string;
	vehicle: string;
	kit: string;
	code: string | null;
	months: number;
	due: string;
}

type Finished = FittingRow & { on: string };

/** Questions that are due today, the longest overdue first. */
export async function dueToday(db: Knex, now: string, most: number): Promise<{ due: DueView[]; total: number }> {
	const today = shopDay(now);
	const finished = (await finishedFittings(db)).map((row): Finished => ({
		...row,
		on: row.finishedAt?.slice(0, 10) ?? ''
	}));
	const due: DueFollowUp<Finished>[] = dueFollowUps(finished, {
		months: await followUpMonths(db),
		answered: await answeredMonths(db),
		today
	});
	const shown = due.slice(0, most);
	const names = await configurationNames(db, [...new Set(shown.map(({ fitting }) => fitting.configurationId))]);
	return {
		total: due.length,
		due: shown.map(({ fitting, months, due: day }) => ({
			fitting: fitting.id,
			configuration: fitting.configurationId,
			vehicle: names.get(fitting.configurationId) ?? fitting.configurationId,
			kit: fitting.kitName,
			code: fitting.code,
			months,
			due: day
		}))
	};
}

const idOf = (fitting: string, months: number) => `${fitting}-${months}`;

/** What a customer answered: all fine, nobody reached, or what is wrong. */
export type FollowUpAnswer = 'fine' | 'no-answer' | { seen: NonNullable<Complaint['seen']>; words: string };

/** Keeps what a customer answered; what is wrong becomes a complaint. @returns the number of the complaint, or null */
export async function answerFollowUp(
	db: Knex,
	{
		fitting: id,
		months,
		answer,
		complaint
	}: { fitting: string; months: number; answer: FollowUpAnswer; complaint: string },
	actor: Actor
): Promise<Result<string | null, NotFiled>> {
	const fitting = await findFitting(db, id);
	if (!fitting) return err({ message: `There is no fitting “${id}”. Nothing was kept.` });
	let filed: string | null = null;
	if (typeof answer === 'object') {
		const said = { fitting: id, seen: answer.seen, ...(answer.words ? { symptom: answer.words } : {}) };
		const done = await fileComplaint(db, { said, id: complaint, from: 'shop' }, actor);
		if (!done.ok && done.error.same === undefined) return done;
		filed = done.ok ? done.value : (done.error.same ?? null);
	}
	return change(db, async (tx) => {
		await putFollowUp(tx, {
			id: idOf(id, months),
			fitting: id,
			configuration: fitting.configurationId,
			months,
			answer: typeof answer === 'string' ? answer : 'complaint',
			on: shopDay(actor.now),
			...(actor.by ? { by: actor.by } : {})
		});
		return ok(filed);
	});
}

/** Takes an answer back. */
export const takeBackFollowUp = (db: Knex, fitting: string, months: number): Promise<Result<null, string>> =>
	change(db, async (tx) => {
		await dropFollowUp(tx, idOf(fitting, months));
		return ok(null);
	});
