import type { Knex } from 'knex';
import type { RotaluxDocument } from '../../core/model';
import type { Tx } from '../db/change';
import { everyComplaint, putComplaint, storedFrom } from '../repositories/complaints';
import { everyFollowUp, numbered, putFollowUp } from '../repositories/follow-ups';

/** Takes complaints and follow-ups in; one of a known number is replaced. */
export async function importLearned(
	tx: Tx,
	{ complaints, followUps }: Pick<RotaluxDocument, 'complaints' | 'followUps'>
): Promise<void> {
	for (const complaint of complaints) await putComplaint(tx, storedFrom(complaint));
	for (const followUp of followUps) await putFollowUp(tx, numbered(followUp));
}

/** Every complaint and follow-up, as a document holds them. */
export const exportedLearned = async (db: Knex) => ({
	followUps: await everyFollowUp(db),
	complaints: await everyComplaint(db)
});
