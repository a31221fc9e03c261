import { slug } from '../../slug';
import type { Knex } from 'knex';
import { change, type Tx } from '../../db/change';
import { shopDay } from '../../shop-time';
import { type Configuration } from '../../../core/model';
import { readConfiguration } from '../../../core/exchange';
import { merge, split, type Cut, type Unlike } from '../../../core/identify';
import type { Identity } from '../../../core/record';
import { err, ok, summarise, type Result } from '../../../core/result';
import { vehicleName } from '../../../core/vehicle';
import { copyFromSister } from '../../../core/walk';
import { deleteConfiguration, findConfiguration, findStored } from '../../repositories/configurations';
import { moveFittings } from '../../repositories/fittings';
import { moveProofs } from '../../repositories/proofs';
import { moveComplaints } from '../../repositories/complaints';
import { moveFittedLamps } from '../../repositories/fitted-lamps';
import { moveFollowUps } from '../../repositories/follow-ups';
import { moveKits } from '../../repositories/kits';
import { overlapWith } from './overlap';
import { CONFIGURATIONS, writeRecord, type Actor } from './store';

async function freeId(db: Knex, c: Pick<Identity, 'make' | 'model' | 'generation' | 'years'>): Promise<string> {
	const base = slug([c.make, c.model, c.generation, c.years?.[0]].filter(Boolean).join(' ')) || 'vehicle';
	let id = base;
	for (let n = 2; await findStored(db, id); n++) id = `${base}-${n}`;
	return id;
}

async function write(
	tx: Tx,
	{ input, what }: { input: unknown; what: string },
	actor: Actor
): Promise<Result<Configuration, string>> {
	const read = readConfiguration(input);
	if (!read.ok) return err(`${summarise(read.error)}. Nothing was written.`);
	const overlap = await overlapWith(tx, read.value);
	if (overlap) return err(overlap);
	await writeRecord(tx, CONFIGURATIONS, { before: null, after: read.value, event: { kind: 'created', what }, actor });
	return ok(read.value);
}

/** Begins the record of a vehicle nobody has entered before. An id that is taken is refused; without one it is made from the name. */
export async function createConfiguration(
	db: Knex,
	identity: Identity & { id?: string },
	actor: Actor
): Promise<Result<Configuration, string>> {
	return change(db, async (tx) => {
		const { id: wanted, ...rest } = identity;
		if (wanted && (await findStored(tx, wanted)))
			return err(`The id “${wanted}” belongs to another vehicle. Choose another one, or leave it empty.`);
		const id = wanted || (await freeId(tx, rest));
		return write(tx, { input: { id, ...rest, sockets: [], channels: [] }, what: 'Record begun' }, actor);
	});
}

/** Copies a record under another identity. What is copied is assumed there, until somebody looks. */
export async function copyConfiguration(
	db: Knex,
	{ from, identity }: { from: string; identity: Identity },
	actor: Actor
): Promise<Result<Configuration, string>> {
	return change(db, async (tx) => {
		const original = await findConfiguration(tx, from);
		if (!original) return err(`There is no vehicle “${from}” on record any more.`);
		const id = await freeId(tx, identity);
		const begun = readConfiguration({ id, ...identity, sockets: [], channels: [] });
		if (!begun.ok) return err(`${summarise(begun.error)}. Nothing was written.`);
		const bare = begun.value;
		const day = { on: shopDay(actor.now), ...(actor.by ? { by: actor.by } : {}) };
		const ids = original.sockets.map((s) => s.id);
		const copied = ids.length > 0 ? copyFromSister(original, ids, day)(bare) : ok({ configuration: bare, what: '' });
		if (!copied.ok) return copied;
		const unsourced = <T extends { evidence?: unknown }>({ evidence: _evidence, ...rest }: T) => rest;
		const next = {
			...copied.value.configuration,
			...(original.absent ? { absent: original.absent } : {}),
			channels: original.channels.map(unsourced),
			...(original.flasher ? { flasher: unsourced(original.flasher) } : {})
		};
		return write(tx, { input: next, what: `Copied from ${vehicleName(original)}` }, actor);
	});
}

/** Splits a record in two; gives the new one. Both keep all facts and their evidence. */
export async function splitConfiguration(
	db: Knex,
	{ id, cut }: { id: string; cut: Cut },
	actor: Actor
): Promise<Result<Configuration, string>> {
	return change(db, async (tx) => {
		const before = await findStored(tx, id);
		if (!before) return err(`There is no vehicle “${id}” on record any more.`);
		const years: Configuration['years'] =
			cut.by === 'year' && before.years ? [cut.from, before.years[1]] : before.years;
		const newId = (await freeId(tx, { ...before, years })) as Configuration['id'];
		const parts = split(before, cut, newId);
		if (!parts.ok) return parts;
		const [stays, becomes] = parts.value;
		const where = cut.by === 'year' ? `from ${cut.from} on` : `by ${cut.option}`;
		const what = `Split ${where}; ${newId} begun`;
		await writeRecord(tx, CONFIGURATIONS, { before, after: stays, event: { kind: 'change', what }, actor });
		return write(tx, { input: becomes, what: `Split ${where} from ${vehicleName(before)}` }, actor);
	});
}

/** Makes one record of two that are proved alike. Kits of the other go to the one that is kept; the other's text is kept aside. */
export async function mergeConfigurations(
	db: Knex,
	{ keep, drop }: { keep: string; drop: string },
	actor: Actor
): Promise<Result<Configuration, Unlike>> {
	return change(db, async (tx): Promise<Result<Configuration, Unlike>> => {
		const [kept, other] = [await findConfiguration(tx, keep), await findConfiguration(tx, drop)];
		if (!kept || !other || keep === drop)
			return err({ message: 'Two vehicles on record are needed for this.', differences: [] });
		const merged = merge(kept, other);
		if (!merged.ok) return merged;
		const before = await findStored(tx, keep);
		await moveKits(tx, { from: drop, to: keep });
		await moveFittings(tx, { from: drop, to: keep });
		await moveProofs(tx, { from: drop, to: keep });
		await moveComplaints(tx, { from: drop, to: keep });
		await moveFittedLamps(tx, { from: drop, to: keep });
		await moveFollowUps(tx, { from: drop, to: keep });
		await tx('merged_configurations').insert({
			id: drop,
			into_id: keep,
			at: actor.now,
			document: JSON.stringify(other)
		});
		await deleteConfiguration(tx, drop);
		const what = `${vehicleName(other)} (${drop}) taken in, proved alike`;
		await writeRecord(tx, CONFIGURATIONS, { before, after: merged.value, event: { kind: 'change', what }, actor });
		return ok(merged.value);
	});
}

/** The record that has taken in a merged one; null when there is none of that id. */
export async function mergedInto(db: Knex, id: string): Promise<string | null> {
	const row = await db('merged_configurations').where({ id }).first('into_id');
	return row?.into_id ?? null;
}
