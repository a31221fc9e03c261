import type { Knex } from 'knex';
import { change } from '../../db/change';
import { type Socket, type Unit } from '../../../core/model';
import { readConfiguration, readUnit } from '../../../core/exchange';
import { err, ok, summarise, type Result } from '../../../core/result';
import { placeText, unitSocketOf } from '../../../core/vehicle';
import { freeSocketId } from '../../../core/walk';
import { slug } from '../../slug';
import { composed } from '../../repositories/configurations';
import { listUnits, usersOfUnit } from '../../repositories/units';
import { CONFIGURATIONS, UNITS, writeRecord, type Actor } from './store';

/** A shared lamp unit as lists show it. */
export interface UnitView {
	id: string;
	name: string;
	marks: string[];
	places: string[];
	vehicles: string[];
}

/** All shared lamp units, with where they are used. */
export async function showUnits(db: Knex): Promise<UnitView[]> {
	const units = await listUnits(db);
	return Promise.all(
		units.map(async ({ id, name, marks = [], sockets }) => ({
			id,
			name,
			marks,
			places: sockets.map((s) => s.place),
			vehicles: await usersOfUnit(db, id)
		}))
	);
}

/**
 * Makes a shared lamp unit of sockets of a vehicle, of one side at a time. Their twins on the other side join it, so that a fact is
 * kept once for all of them.
 */
export async function makeUnit(
	db: Knex,
	request: { configuration: string; sockets: readonly string[]; name: string; marks: string[] },
	actor: Actor
): Promise<Result<Unit, string>> {
	return change(db, async (tx): Promise<Result<Unit, string>> => {
		const stored = await CONFIGURATIONS.find(tx, request.configuration);
		if (!stored) return err(`There is no vehicle “${request.configuration}” on record any more.`);
		const before = await composed(tx, stored);
		const chosen = before.sockets.filter((s) => request.sockets.includes(s.id));
		const name = request.name.trim();
		if (chosen.length === 0 || name === '') return err('Choose the sockets in the unit, and give it a name.');
		if (chosen.some((s) => s.unit)) return err('One of these sockets already belongs to a shared unit.');
		if (new Set(chosen.map((s) => s.side)).size > 1)
			return err('Choose the sockets of one side; the other side follows.');
		const id = slug(name);
		if (id === '') return err(`“${name}” has no letter or digit an id could be made of. Give it another name.`);
		if (await UNITS.find(tx, id)) return err(`A shared unit named “${name}” is there already.`);
		const read = readUnit({
			id,
			name,
			...(request.marks.length > 0 ? { marks: request.marks } : {}),
			sockets: chosen.map((s) => unitSocketOf(s, placeText(s)))
		});
		if (!read.ok) return err(`${summarise(read.error)}. Nothing was changed.`);
		await writeRecord(tx, UNITS, {
			before: null,
			after: read.value,
			event: { kind: 'created', what: 'Shared unit begun' },
			actor
		});
		const joins = (socket: Socket) => chosen.find((s) => placeText(s) === placeText(socket) && s.zone === socket.zone);
		const after = {
			...before,
			sockets: before.sockets.map((s) =>
				joins(s) && !s.unit ? { ...s, unit: { id: read.value.id, place: placeText(s) } } : s
			)
		};
		const what = `Shared lamp unit ${name} begun with ${chosen.map(placeText).join(', ').toLowerCase()}`;
		await writeRecord(tx, CONFIGURATIONS, { before: stored, after, event: { kind: 'change', what }, actor });
		return ok(read.value);
	});
}

/** Puts a shared lamp unit into a vehicle, on the sides given: sockets that are listed take its facts, others are added. */
export async function fitUnit(
	db: Knex,
	request: { configuration: string; unit: string; zone: Socket['zone']; sides: readonly Socket['side'][] },
	actor: Actor
): Promise<Result<string, string>> {
	return change(db, async (tx): Promise<Result<string, string>> => {
		const before = await CONFIGURATIONS.find(tx, request.configuration);
		const unit = await UNITS.find(tx, request.unit);
		if (!before || !unit) return err('The vehicle or the shared unit is not on record any more.');
		let sockets = before.sockets;
		for (const side of request.sides)
			for (const { place, functions } of unit.sockets) {
				const ref = { id: unit.id, place };
				const there = sockets.find(
					(s) => s.zone === request.zone && s.side === side && s.functions.join() === functions.join() && !s.unit
				);
				const taken = new Set<string>(sockets.map((s) => s.id));
				const fresh: Socket = {
					id: freeSocketId({ functions, zone: request.zone, side, index: 1 }, taken),
					zone: request.zone,
					side,
					index: 1,
					functions,
					state: 'filament',
					unit: ref
				};
				sockets = there ? sockets.map((s) => (s === there ? { ...s, unit: ref } : s)) : [...sockets, fresh];
			}
		const read = readConfiguration({ ...before, sockets });
		if (!read.ok) return err(`${summarise(read.error)}. Nothing was changed.`);
		const what = `Shared lamp unit ${unit.name} fitted ${request.zone}, ${request.sides.join(' and ')}`;
		await writeRecord(tx, CONFIGURATIONS, { before, after: read.value, event: { kind: 'change', what }, actor });
		return ok(what);
	});
}
