import type { Knex } from 'knex';
import { addNumbered } from '../db/bulk';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import type { HistoryEvent } from '../../core/record';

/** What a record's history says of one change. */
export interface RecordEvent extends HistoryEvent {
	at: string;
	by: string | null;
	what: string;
}

/** An event with what it did, as JSON patches (RFC 6902). */
export interface PatchedEvent extends RecordEvent {
	forward: unknown[];
	backward: unknown[];
}

interface Row extends RecordEvent {
	record: string;
	forward: string;
	backward: string;
}

const PLAIN = ['id', 'at', 'by', 'kind', 'of', 'what'] as const;

/** The events of records, oldest first. */
export async function listEvents(db: Knex, ...records: readonly string[]): Promise<RecordEvent[]> {
	return db('events')
		.whereIn('record', records)
		.orderBy('id')
		.select(...PLAIN);
}

/** The events of a record, or of several, after one of them, newest first, with what they did. */
export async function eventsAfter(db: Knex, record: string | readonly string[], id: number): Promise<PatchedEvent[]> {
	const rows: Row[] = await db('events').whereIn('record', [record].flat()).where('id', '>', id).orderBy('id', 'desc');
	return rows.map((row) => ({ ...row, forward: JSON.parse(row.forward), backward: JSON.parse(row.backward) }));
}

/** One event of a record with what it did; null when it is not there. */
export async function findEvent(db: Knex, record: string, id: number): Promise<PatchedEvent | null> {
	const row: Row | undefined = await db('events').where({ record, id }).first();
	return row ? { ...row, forward: JSON.parse(row.forward), backward: JSON.parse(row.backward) } : null;
}

/** The number of the last event of a record, or of several; 0 when there is none. */
export async function lastEvent(db: Knex, ...records: readonly string[]): Promise<number> {
	const row = await db('events').whereIn('record', records).max({ id: 'id' }).first();
	return (row?.id as number | null) ?? 0;
}

/** Records whose names begin so, the one changed last first. */
export async function recentRecords(db: Knex, prefix: string, most: number): Promise<string[]> {
	const rows: { record: string }[] = await db('events')
		.where('record', '>=', prefix)
		.where('record', '<', `${prefix}\u{10ffff}`)
		.groupBy('record')
		.orderByRaw('max(id) desc')
		.limit(most)
		.select('record');
	return rows.map(({ record }) => record.slice(prefix.length));
}

/** Changes that are looked through for what is new: who was away longer sees the last of them. */
const MOST_SINCE = 200;

/** Changes of records after an instant, the last first. */
export async function eventsSince(db: Knex, since: string): Promise<(RecordEvent & { record: string })[]> {
	const events: (RecordEvent & { record: string })[] = await db('events')
		.orderBy('id', 'desc')
		.limit(MOST_SINCE)
		.select(...PLAIN, 'record');
	return events.filter(({ at }) => at > since);
}

/** The numbers of the last events of records, by name; those without any are not in it. */
export async function lastEvents(db: Knex, records: readonly string[]): Promise<Map<string, number>> {
	const rows = await inParts<string, { record: string; id: number }>(records, (names) =>
		db('events').whereIn('record', names).groupBy('record').select('record').max({ id: 'id' })
	);
	return new Map(rows.map(({ record, id }) => [record, id]));
}

/** An event to be added, with the record it is of. */
export type NewEvent = Omit<PatchedEvent, 'id'> & { record: string };

/** Adds events in the order they stand; gives the number of the last one, null where there are none. */
export function addEvents(tx: Tx, events: readonly NewEvent[]): Promise<number | null> {
	const rows = events.map(({ record, at, by, kind, of, what, forward, backward }) => ({
		record,
		at,
		by,
		kind,
		of,
		what,
		forward: JSON.stringify(forward),
		backward: JSON.stringify(backward)
	}));
	return addNumbered(tx, { table: 'events', column: 'id' }, rows);
}

/** Ids of the records with events whose names begin so. */
export async function eventedRecords(db: Knex, prefix: string): Promise<string[]> {
	const rows: { record: string }[] = await db('events')
		.where('record', '>=', prefix)
		.where('record', '<', `${prefix}\u{10ffff}`)
		.distinct('record')
		.orderBy('record');
	return rows.map(({ record }) => record.slice(prefix.length));
}

/** Less than this is how clocks are set. */
const CLOCK_SLACK_MS = 60_000;

/** How far the clock is behind the last event, s; 0 when it is not. Events are ordered by their numbers all the same. */
export async function clockBehind(db: Knex, now: number): Promise<number> {
	const row: { at: string } | undefined = await db('events').orderBy('id', 'desc').first('at');
	const behind = row ? Date.parse(row.at) - now : 0;
	return behind > CLOCK_SLACK_MS ? Math.round(behind / 1000) : 0;
}

/** Where the clock ran back: events that say they were before the one in front of them. */
export async function clockSteps(db: Knex): Promise<{ id: number; at: string; before: string }[]> {
	const rows: { id: number; at: string }[] = await db('events').orderBy('id').select('id', 'at');
	return rows.flatMap(({ id, at }, i) => {
		const before = rows[i - 1]?.at ?? at;
		return Date.parse(before) - Date.parse(at) > CLOCK_SLACK_MS ? [{ id, at, before }] : [];
	});
}

/** Changes of vehicles between two days by which a question was settled or a test taught something, the last first. */
export async function lessonsBetween(
	db: Knex,
	{ from, to }: { from: string; to: string },
	most: number
): Promise<(RecordEvent & { record: string })[]> {
	return db('events')
		.where('at', '>=', from)
		.where('at', '<', to)
		.whereLike('record', 'configuration:%')
		.where((q) => q.whereLike('what', '% settled, %').orWhereLike('what', '%mode tests%'))
		.orderBy('id', 'desc')
		.limit(most)
		.select(...PLAIN, 'record');
}
