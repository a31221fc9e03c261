import type { Knex } from 'knex';
import { knownProofs, type RotaluxDocument } from '../../core/model';
import type { Tx } from '../db/change';
import { findConfiguration } from '../repositories/configurations';
import { everyProof, putProof } from '../repositories/proofs';
import { addRecord, listRecords } from '../repositories/records';

/** Takes proofs in: one of a known id is replaced, one of a kind nobody knows is kept as it came. @returns sentences about those left out */
export async function importProofs(tx: Tx, proofs: RotaluxDocument['proofs']): Promise<string[]> {
	const kept: string[] = [];
	const known = knownProofs(proofs);
	for (const proof of known)
		if (await findConfiguration(tx, proof.configuration)) await putProof(tx, proof);
		else kept.push(`Proof ${proof.id} was left out: its vehicle ${proof.configuration} is not here.`);
	const read = new Set<unknown>(known);
	for (const foreign of proofs.filter((one) => !read.has(one))) await addRecord(tx, 'proofs', foreign);
	return kept;
}

/** Every proof as a document holds it, those of foreign kinds too. */
export const exportedProofs = async (db: Knex): Promise<object[]> => [
	...(await everyProof(db)),
	...(await listRecords(db, 'proofs'))
];
