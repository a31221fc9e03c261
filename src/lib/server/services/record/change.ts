import type { Knex } from 'knex';
import { change, type Tx } from '../../db/change';
import { accessProblems } from '../../../core/access';
import { type Configuration, type Unit } from '../../../core/model';
import { readConfiguration, readUnit } from '../../../core/exchange';
import { counted } from '../../../core/quantity';
import { withSubject, type Edited } from '../../../core/record';
import { err, ok, summarise, type Result } from '../../../core/result';
import { isShared, unitSocketOf, withValueAt } from '../../../core/vehicle';
import { composed } from '../../repositories/configurations';
import { eventsAfter, lastEvent, type RecordEvent } from '../../repositories/events';
import { usersOfUnit } from '../../repositories/units';
import type { Command } from './commands';
import { editFor } from './edits';
import { partOf, partWords } from './parts';
import { stateBefore } from './history';
import { overlapWith } from './overlap';
import { CONFIGURATIONS, UNITS, writeRecord, type Actor } from './store';

/** Why a change was not made. Nothing was written. */
export type Refusal =
	| { kind: 'gone'; message: string }
	| { kind: 'problem'; message: string }
	/** Somebody else changed the same part meanwhile: both versions, for a person to choose. */
	| { kind: 'conflict'; message: string; theirs: string[]; mine: string[]; since: RecordEvent[] };

/** A change that was made: its sentence, the record's new revision, and the shared unit it went to, if any. */
export interface Changed {
	what: string;
	revision: number;
	unit: string | null;
}

/** What is changed, on the ground of which revision. */
export interface Request {
	id: string;
	/** The event number the person saw last. */
	base: number;
	command: Command;
}

async function conflict(
	tx: Knex,
	{ id, base, command, actor }: Request & { actor: Actor },
	{ stored, current, last }: { stored: Configuration; current: Configuration; last: number }
): Promise<Extract<Refusal, { kind: 'conflict' }> | null> {
	if (last === base) return null;
	const later = await eventsAfter(tx, CONFIGURATIONS.name(id), base);
	const seen = await composed(tx, stateBefore(stored, later));
	if (JSON.stringify(partOf(seen, command)) === JSON.stringify(partOf(current, command))) return null;
	const since = later.map(({ forward: _f, backward: _b, ...event }) => event);
	const who = since[0]?.by ?? 'Somebody';
	const message = `${who} changed this while you were at it (${since[0]?.what ?? 'unknown change'}). Yours was not written yet.`;
	const edit = (await editFor(tx, command, actor))(current);
	const mine = edit.ok ? partWords(edit.value.configuration, command) : [edit.error];
	return { kind: 'conflict', message, theirs: partWords(current, command), mine, since };
}

/** The unit that keeps what a command is about, when the socket shares it with other vehicles. */
function sharedBy(configuration: Configuration, command: Command): { unit: string; place: string } | null {
	if (command.kind !== 'claim' && command.kind !== 'settle') return null;
	const facts = command.kind === 'claim' ? Object.keys(command.facts) : [command.fact];
	const socket = configuration.sockets.find((s) => s.id === command.subject.id);
	if (!socket?.unit || command.subject.kind !== 'socket' || !facts.every((fact) => isShared(socket, fact))) return null;
	return { unit: socket.unit.id, place: socket.unit.place };
}

/** What is wrong with the values of a claim, judged as if they held; null when nothing is. A weaker source must make sense as well. */
function nonsense(configuration: Configuration, command: Command): string | null {
	if (command.kind !== 'claim' && command.kind !== 'settle') return null;
	const facts = command.kind === 'claim' ? command.facts : { [command.fact]: command.value };
	const claimed = Object.entries(facts).filter(([, value]) => value !== null);
	const held = withSubject(configuration, command.subject, (subject) =>
		claimed.reduce((s, [fact, value]) => withValueAt(s, fact, value), subject)
	);
	const read = held ? readConfiguration(held) : null;
	const wrong = held && command.subject.kind === 'operation' ? accessProblems(held) : [];
	if (wrong.length > 0) return `${summarise(wrong)}. Nothing was changed.`;
	return read && !read.ok ? `${summarise(read.error)}. Nothing was changed.` : null;
}

async function changeUnit(
	tx: Tx,
	{ unit: id, place, socketId }: { unit: string; place: string; socketId: string },
	{ configuration, what, actor }: Edited & { actor: Actor }
): Promise<Result<string, string>> {
	const before = await UNITS.find(tx, id);
	const socket = configuration.sockets.find((s) => s.id === socketId);
	if (!before || !socket) return err('The shared lamp unit is no longer there. Nothing was changed.');
	const sockets = before.sockets.map((s) => (s.place === place ? unitSocketOf(socket, place) : s));
	const read = readUnit({ ...before, sockets });
	if (!read.ok) return err(`${summarise(read.error)}. Nothing was changed.`);
	const users = (await usersOfUnit(tx, id)).length;
	const sentence = `${what} (${before.name}, ${counted(users, 'vehicle')})`;
	await writeRecord<Unit>(tx, UNITS, { before, after: read.value, event: { kind: 'change', what: sentence }, actor });
	return ok(sentence);
}

/**
 * Makes one change to a vehicle's record, with its event, in one transaction. What the change writes over must still be what the
 * person saw; else both versions come back. The changed record must hold together as a whole.
 */
export const changeRecord = (db: Knex, request: Request, actor: Actor): Promise<Result<Changed, Refusal>> =>
	change(db, (tx) => changeRecordIn(tx, request, actor));

/** The same as a part of a larger change. */
export async function changeRecordIn(tx: Tx, request: Request, actor: Actor): Promise<Result<Changed, Refusal>> {
	const { id, command } = request;
	const [stored, last] = await Promise.all([CONFIGURATIONS.find(tx, id), lastEvent(tx, CONFIGURATIONS.name(id))]);
	if (!stored) return err({ kind: 'gone', message: `There is no vehicle “${id}” on record any more.` });
	const current = await composed(tx, stored);
	const clash = await conflict(tx, { ...request, actor }, { stored, current, last });
	if (clash) return err(clash);
	const wrong = nonsense(current, command);
	if (wrong) return err({ kind: 'problem', message: wrong });
	const edit = (await editFor(tx, command, actor))(current);
	if (!edit.ok) return err({ kind: 'problem', message: edit.error });
	const shared = sharedBy(current, command);
	if (shared && 'subject' in command) {
		const done = await changeUnit(tx, { ...shared, socketId: command.subject.id }, { ...edit.value, actor });
		if (!done.ok) return err({ kind: 'problem', message: done.error });
		return ok({ what: done.value, revision: await lastEvent(tx, CONFIGURATIONS.name(id)), unit: shared.unit });
	}
	const read = readConfiguration(edit.value.configuration);
	if (!read.ok) return err({ kind: 'problem', message: `${summarise(read.error)}. Nothing was changed.` });
	const overlap = command.kind === 'identity' ? await overlapWith(tx, read.value) : null;
	if (overlap) return err({ kind: 'problem', message: overlap });
	const event = { kind: 'change' as const, what: edit.value.what };
	const revision = await writeRecord(tx, CONFIGURATIONS, { before: stored, after: read.value, event, actor });
	return ok({ what: edit.value.what, revision, unit: null });
}
