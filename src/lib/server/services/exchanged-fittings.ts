import type { Knex } from 'knex';
import type { FittingMark } from '../../core/fitup';
import type { FittingRecord } from '../../core/model';
import { EMPTY_FIT_UP, type FitUpView } from '../../core/views';
import type { Tx } from '../db/change';
import { findConfiguration } from '../repositories/configurations';
import { lampsOfFitting } from '../repositories/fitted-lamps';
import { addFitting, addMark, everyFitting, findFitting, hasMark, marksOf } from '../repositories/fittings';
import { recordFitted } from './fitted-lamps';

/** Takes fittings in that are not here yet, with their marks. @returns sentences about those that were left out */
export async function importFittings(tx: Tx, fittings: readonly FittingRecord[]): Promise<string[]> {
	const kept: string[] = [];
	for (const { id, configuration, kit, kitName = kit, plan, marks, lamps, ...rest } of fittings) {
		if (await findFitting(tx, id)) continue;
		if (!(await findConfiguration(tx, configuration))) {
			kept.push(`Fitting ${id} was left out: its vehicle ${configuration} is not here.`);
			continue;
		}
		const { revision = null, code = null, state, startedAt, startedBy = null, finishedAt = null } = rest;
		await addFitting(tx, {
			id,
			configurationId: configuration,
			kitId: kit,
			kitName,
			revision,
			code,
			state,
			startedAt,
			startedBy,
			finishedAt,
			plan: { ...EMPTY_FIT_UP, ...(plan as Partial<FitUpView> | undefined) }
		});
		if (state === 'finished')
			await recordFitted(
				tx,
				{ id, configurationId: configuration, kitId: kit, revision },
				{ finishedAt: finishedAt ?? startedAt, lamps }
			);
		for (const mark of marks) if (!(await hasMark(tx, mark.uid))) await addMark(tx, id, mark as FittingMark);
	}
	return kept;
}

const lampsBySocket = async (db: Knex, id: string) =>
	Object.fromEntries((await lampsOfFitting(db, id)).map(({ socket, product }) => [socket, product]));

/** Every fitting with its marks, as a document holds it. */
export async function exportedFittings(db: Knex): Promise<object[]> {
	const all: object[] = [];
	for (const { configurationId, kitId, ...fitting } of await everyFitting(db))
		all.push({
			...fitting,
			configuration: configurationId,
			kit: kitId,
			...(fitting.state === 'finished' ? { lamps: await lampsBySocket(db, fitting.id) } : {}),
			marks: await marksOf(db, fitting.id)
		});
	return all;
}
