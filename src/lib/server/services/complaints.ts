import type { Knex } from 'knex';
import { z } from 'zod';
import { observationsOf } from '../../core/learn';
import { complaint as complaintSchema, type Complaint, type Configuration } from '../../core/model';
import { daysBetween } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import { change, type Tx } from '../db/change';
import {
	complaintsByCode,
	complaintsOf,
	findComplaint,
	putComplaint,
	type StoredComplaint
} from '../repositories/complaints';
import { findConfiguration } from '../repositories/configurations';
import { lampsOfFitting } from '../repositories/fitted-lamps';
import { findFitting } from '../repositories/fittings';
import { findRevision } from '../repositories/kit-revisions';
import { shopDay } from '../shop-time';
import { lampsIn } from './fitted-lamps';
import type { FrozenKit } from './kits/life';
import type { Actor } from './record/store';

/** What is said when a complaint is filed. */
export const complaintForm = complaintSchema
	.pick({
		configuration: true,
		socket: true,
		product: true,
		code: true,
		fitting: true,
		symptom: true,
		seen: true,
		by: true
	})
	.extend({ on: z.iso.date('must be a date such as 2026-03-02').optional() });
export type ComplaintForm = z.infer<typeof complaintForm>;

/** Days within which the same complaint is taken for the one that is filed already. */
const SAME_DAYS = 21;
/** Complaints of one kit that nobody has read: more are not taken from outside. */
const MOST_UNREAD = 12;

/** Lamps by socket of what a complaint names: a fitting, or the kit of a code. */
export async function lampsNamed(
	db: Knex,
	{ fitting, code }: Pick<Complaint, 'fitting' | 'code'>
): Promise<Readonly<Record<string, string>>> {
	if (fitting !== undefined) {
		const lamps = await lampsOfFitting(db, fitting);
		if (lamps.length > 0) return Object.fromEntries(lamps.map(({ socket, product }) => [socket, product]));
	}
	const revision = code === undefined ? null : await findRevision(db, code);
	return revision ? lampsIn((revision.document as FrozenKit).answer) : {};
}

/** The lamp a complaint is about, where kit or fitting and the places that were named leave one. */
function productNamed(
	lamps: Readonly<Record<string, string>>,
	{ socket, seen = [] }: ComplaintForm
): string | undefined {
	const places = [socket, ...seen.map((one) => one.socket)].flatMap((id) => id ?? []);
	const products = new Set(places.flatMap((id) => lamps[id] ?? []));
	return products.size === 1 ? [...products][0] : undefined;
}

/** The place a complaint is about, where only one was named. */
function socketNamed({ socket, seen = [] }: ComplaintForm): string | undefined {
	const places = new Set([socket, ...seen.map((one) => one.socket)].flatMap((id) => id ?? []));
	return places.size === 1 ? [...places][0] : undefined;
}

const saw = ({ seen = [], symptom = '' }: Pick<Complaint, 'seen' | 'symptom'>) =>
	JSON.stringify([
		seen.map(({ mode = '', symptom: what, socket = '', side = '' }) => [mode, what, socket, side]).sort(),
		symptom
	]);

/** A complaint of the same vehicle that says the same, not long ago; null when there is none. */
function filedAlready(others: readonly StoredComplaint[], said: ComplaintForm, day: string): StoredComplaint | null {
	const same = others.find(
		(other) =>
			(other.state === 'open' || other.state === 'unread') &&
			other.code === said.code &&
			other.fitting === said.fitting &&
			saw(other) === saw(said) &&
			Math.abs(daysBetween(other.on ?? day, day)) <= SAME_DAYS
	);
	return same ?? null;
}

/** Why a complaint was not filed; `same` names the one that is there already. */
export interface NotFiled {
	message: string;
	same?: string;
}

/** What is named by code or fitting, filled into what was said; or why it cannot be. */
async function completed(tx: Tx, said: ComplaintForm): Promise<Result<ComplaintForm, string>> {
	const revision = said.code === undefined ? null : await findRevision(tx, said.code);
	if (said.code !== undefined && !revision)
		return err(
			`There is no released kit with the code “${said.code}”. Read it from the label once more, or leave it out.`
		);
	const fitting = said.fitting === undefined ? null : await findFitting(tx, said.fitting);
	if (said.fitting !== undefined && !fitting) return err(`There is no fitting “${said.fitting}”.`);
	const configuration =
		said.configuration ?? fitting?.configurationId ?? (revision?.document as FrozenKit | undefined)?.configuration.id;
	const code = said.code ?? fitting?.code ?? undefined;
	return ok({
		...said,
		...(configuration === undefined ? {} : { configuration }),
		...(code === undefined ? {} : { code })
	});
}

function missingPlace({ sockets }: Configuration, { socket, seen = [] }: ComplaintForm): string | null {
	const known = new Set<string>(sockets.map(({ id }) => id));
	return [socket, ...seen.map((one) => one.socket)].flatMap((id) => id ?? []).find((id) => !known.has(id)) ?? null;
}

/**
 * Files a complaint. One about a vehicle that is not on record is kept in its words. The same one twice within three weeks is named, not filed, unless
 * somebody says that it came again.
 * @param from a customer's own waits until somebody has read it
 */
export function fileComplaint(
	db: Knex,
	{ said, id, from, again = false }: { said: ComplaintForm; id: string; from: 'shop' | 'customer'; again?: boolean },
	{ by, now }: Actor
): Promise<Result<string, NotFiled>> {
	return change<string, NotFiled>(db, async (tx) => {
		const filled = await completed(tx, said);
		if (!filled.ok) return err({ message: `${filled.error} Nothing was filed.` });
		const full = filled.value;
		if ((full.seen ?? []).length === 0 && !full.symptom)
			return err({ message: 'Say what was seen: choose a symptom, or write it down. Nothing was filed.' });
		const configuration = full.configuration === undefined ? null : await findConfiguration(tx, full.configuration);
		const missing = configuration && missingPlace(configuration, full);
		if (missing) return err({ message: `This vehicle has no socket “${missing}”. Nothing was filed.` });
		const on = full.on ?? shopDay(now);
		if (on > shopDay(now)) return err({ message: `${on} lies in the future. Nothing was filed.` });
		if (from === 'customer') {
			const unread = (await complaintsByCode(tx, full.code ?? '')).filter(({ state }) => state === 'unread');
			if (unread.length >= MOST_UNREAD)
				return err({ message: 'Several messages about this kit wait to be read. Please ring the shop.' });
		}
		const others = full.configuration === undefined ? [] : await complaintsOf(tx, full.configuration);
		const same = again ? null : filedAlready(others, full, on);
		if (same)
			return err({
				message: `The same is filed already, ${same.on ?? ''}${same.by ? ` by ${same.by}` : ''}. Nothing was filed twice.`,
				same: same.id
			});
		const lamps = await lampsNamed(tx, full);
		const socket = socketNamed(full);
		const product = full.product ?? productNamed(lamps, full);
		await putComplaint(tx, {
			...full,
			id,
			from,
			on,
			state: from === 'customer' ? 'unread' : 'open',
			...(socket === undefined ? {} : { socket }),
			...(product === undefined ? {} : { product }),
			...(full.by ? {} : by ? { by } : {})
		});
		return ok(id);
	});
}

type Edit = (complaint: StoredComplaint) => Result<StoredComplaint, string>;

/** Changes a complaint that is there. */
export function changeComplaint(db: Knex, id: string, edit: Edit): Promise<Result<StoredComplaint, string>> {
	return change(db, async (tx) => {
		const there = await findComplaint(tx, id);
		if (!there) return err(`There is no complaint “${id}”. Nothing was changed.`);
		const next = edit(there);
		if (!next.ok) return next;
		await putComplaint(tx, next.value);
		return next;
	});
}

/** Takes what a customer sent for a complaint, or puts it aside. */
export const readComplaint = (db: Knex, id: string, takes: boolean) =>
	changeComplaint(db, id, (there) =>
		there.state === 'settled' ? err('It is settled already.') : ok({ ...there, state: takes ? 'open' : 'set-aside' })
	);

/** Adds what was seen since, or found by a test; the last answer of a test counts. */
export const addFound = (
	db: Knex,
	id: string,
	{
		seen = [],
		found,
		actor: { by, now }
	}: { seen?: NonNullable<Complaint['seen']>; found?: { test: string; yes: boolean }; actor: Actor }
) =>
	changeComplaint(db, id, (there) => {
		if (there.state === 'settled') return err('It is settled: open it again first.');
		const answered = (there.found ?? []).filter(({ test }) => test !== found?.test);
		const next: StoredComplaint = {
			...there,
			seen: [...(there.seen ?? []), ...seen],
			found: found ? [...answered, { ...found, on: shopDay(now), ...(by ? { by } : {}) }] : answered
		};
		if (observationsOf(next.seen ?? []).length > 60) return err('That is more than anybody has seen at once.');
		return ok(next);
	});

/** Takes the answer of a test back. */
export const dropFound = (db: Knex, id: string, test: string) =>
	changeComplaint(db, id, (there) => ok({ ...there, found: (there.found ?? []).filter((one) => one.test !== test) }));
