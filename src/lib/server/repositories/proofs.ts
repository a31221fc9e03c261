import type { Knex } from 'knex';
import type { Proof } from '../../core/model';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { touchProduct } from './products';

interface Row {
	document: string;
}

const parsed = (rows: readonly Row[]): Proof[] => rows.map(({ document }) => JSON.parse(document));

/** Lamp types a proof is about. */
export function productsOf(proof: Proof): string[] {
	if (proof.kind === 'mode-test') return [...new Set<string>(Object.values(proof.lamps))];
	return proof.product === undefined ? [] : [proof.product];
}

/** A proof; null when it is not there. */
export async function findProof(db: Knex, id: string): Promise<Proof | null> {
	const row: Row | undefined = await db('proofs').where({ id }).first('document');
	return row ? JSON.parse(row.document) : null;
}

/** Everything proved on a vehicle, the newest first. */
export async function proofsOf(db: Knex, configurationId: string): Promise<Proof[]> {
	return parsed(
		await db('proofs')
			.where({ configuration_id: configurationId })
			.orderBy([{ column: 'made_on', order: 'desc' }, 'id'])
			.select('document')
	);
}

/** Proofs about some lamp types, on whatever vehicle. */
export async function proofsAbout(db: Knex, products: readonly string[]): Promise<Proof[]> {
	const rows = await inParts<string, Row & { id: string }>(products, (part) =>
		db('proofs')
			.join('proof_products', 'proofs.id', 'proof_products.proof_id')
			.whereIn('product_id', part)
			.distinct('proofs.id', 'document')
	);
	return parsed([...new Map(rows.map((row) => [row.id, row])).values()].sort((a, b) => a.id.localeCompare(b.id)));
}

/** Every proof. For exports: pages ask for what they show. */
export async function everyProof(db: Knex): Promise<Proof[]> {
	return parsed(await db('proofs').orderBy(['made_on', 'id']).select('document'));
}

/** Writes a proof, new or whole; the lamp types it is about are judged anew. */
export async function putProof(tx: Tx, proof: Proof): Promise<void> {
	const { id, kind, configuration, on } = proof;
	const former = await findProof(tx, id);
	await tx('proofs')
		.insert({ id, kind, configuration_id: configuration, made_on: on, document: JSON.stringify(proof) })
		.onConflict('id')
		.merge();
	await tx('proof_products').where({ proof_id: id }).delete();
	const products = productsOf(proof);
	for (const product_id of products) await tx('proof_products').insert({ proof_id: id, product_id });
	for (const product of new Set([...products, ...(former ? productsOf(former) : [])])) await touchProduct(tx, product);
}

/** Gives the proofs of a vehicle to another one. */
export async function moveProofs(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	for (const proof of await proofsOf(tx, from))
		await putProof(tx, { ...proof, configuration: to as Proof['configuration'] });
}
