import type { Knex } from 'knex';
import { change } from '../../db/change';
import type { Configuration } from '../../../core/model';
import { standpoint, type Standpoint } from '../../../core/record';
import { err, ok, type Result } from '../../../core/result';
import { withUnit } from '../../../core/vehicle';
import { eventsAfter, findEvent, listEvents, type PatchedEvent, type RecordEvent } from '../../repositories/events';
import { patched } from './patches';
import { CONFIGURATIONS, eventNames, UNITS, writeRecord, type Store, type Actor } from './store';

/** A record's events, newest first, with what undo and redo would do now. */
export interface History extends Standpoint {
	events: RecordEvent[];
}

/** The history of a record, and of its shelf at a branch. There nothing is taken back: what was done to the record was done for all branches. */
export async function historyOf<T extends object>(db: Knex, store: Store<T>, id: string): Promise<History> {
	const names = eventNames(db, store, id);
	const events = await listEvents(db, ...names);
	const now = names.length === 1 ? standpoint(events) : { undo: null, redo: null };
	return { ...now, events: [...events].reverse() };
}

async function stateAfter<T extends object>(
	db: Knex,
	store: Store<T>,
	{ id, event }: { id: string; event: number }
): Promise<T | null> {
	const now = await store.find(db, id);
	return now && stateBefore(now, await eventsAfter(db, store.name(id), event));
}

/** A state of a record before some events, newest first, that led to it. */
export const stateBefore = <T extends object>(now: T, later: readonly Pick<PatchedEvent, 'backward'>[]): T =>
	later.reduce((state, { backward }) => patched(state, backward), now);

/** The record of a vehicle as it stood right after one of its events, with its shared units of that time; null when it was not there. */
export async function configurationAt(db: Knex, id: string, event: number): Promise<Configuration | null> {
	const state = await stateAfter(db, CONFIGURATIONS, { id, event });
	if (!state) return state;
	const units = new Map();
	for (const socket of state.sockets) {
		if (!socket.unit || units.has(socket.unit.id)) continue;
		const events = await listEvents(db, UNITS.name(socket.unit.id));
		// By their numbers: a clock may run back.
		const last = events.findLast((e) => e.id <= event)?.id ?? events[0]?.id ?? 0;
		units.set(socket.unit.id, await stateAfter(db, UNITS, { id: socket.unit.id, event: last }));
	}
	return { ...state, sockets: state.sockets.map((socket) => withUnit(socket, units)) };
}

/** The state of a record right after one of its events. */
export { stateAfter };

/** Takes the last change back, or brings the last one taken back again. Says in one sentence when there is none. */
export async function stepHistory<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ id, way, base, actor }: { id: string; way: 'undo' | 'redo'; base?: number | undefined; actor: Actor }
): Promise<Result<string, string>> {
	if (eventNames(db, store, id).length > 1)
		return err(
			'What was done to the stock is taken back at the first branch, for all of them. Nothing was taken back.'
		);
	return change(db, async (tx) => {
		const before = await store.find(tx, id);
		const [since] = base === undefined ? [] : await eventsAfter(tx, store.name(id), base);
		if (since)
			return err(
				`${since.by ?? 'Somebody'} changed this meanwhile (${since.what}). Nothing was taken back; look at it first.`
			);
		const of = standpoint(await listEvents(tx, store.name(id)))[way];
		const event = of === null ? null : await findEvent(tx, store.name(id), of);
		if (!before || !event)
			return err(way === 'undo' ? 'There is nothing to undo.' : 'There is nothing to bring again.');
		const after = patched(before, way === 'undo' ? event.backward : event.forward);
		const what = `${way === 'undo' ? 'Taken back' : 'Brought again'}: ${event.what}`;
		await writeRecord(tx, store, { before, after, event: { kind: way, of: event.id, what }, actor });
		return ok(what);
	});
}
