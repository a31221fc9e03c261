import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Configuration, Proof, ProofOf } from '../../core/model';
import { lessonOf, thresholdBounds, type ProofRecords } from '../../core/proof';
import { testedValue } from '../../core/record';
import { err, ok, type Result } from '../../core/result';
import { change, type Tx } from '../db/change';
import { pictureToKeep } from '../pictures/read-picture';
import { findConfiguration } from '../repositories/configurations';
import { lastEvent } from '../repositories/events';
import { keepPicture } from '../repositories/fittings';
import { findAccessories, findProducts } from '../repositories/products';
import { findProof, productsOf, proofsOf, putProof } from '../repositories/proofs';
import { changeRecordIn } from './record/change';
import { CONFIGURATIONS, type Actor } from './record/store';

type ModeTest = ProofOf<'mode-test'>;

/** Sockets a proof is about. */
const socketsOf = (proof: Proof): string[] => (proof.kind === 'mode-test' ? Object.keys(proof.lamps) : [proof.socket]);

/** Why a proof cannot be kept; null when it can. */
async function trouble(tx: Tx, proof: Proof, configuration: Configuration): Promise<string | null> {
	const sockets = new Set<string>(configuration.sockets.map(({ id }) => id));
	const missing = socketsOf(proof).find((id) => !sockets.has(id));
	if (missing !== undefined) return `This vehicle has no socket “${missing}”. Nothing was kept.`;
	const products = productsOf(proof);
	const known = new Set<string>((await findProducts(tx, products)).map(({ id }) => id));
	const gone = products.find((id) => !known.has(id));
	if (gone !== undefined) return `There is no product “${gone}” any more. Nothing was kept.`;
	const former = await findProof(tx, proof.id);
	if (former && (former.kind !== proof.kind || former.configuration !== proof.configuration))
		return 'Another proof has this number. Read the page again. Nothing was kept.';
	// A beam check that was signed is as it was signed: a second word is a check of its own.
	if (former?.kind === 'beam-check' && former.by)
		return 'This beam check is signed and stays as it is. Begin a new one.';
	return null;
}

/** Products and accessories that tests of a vehicle name. */
export async function recordsOfTests(db: Knex, tests: readonly Proof[]): Promise<ProofRecords> {
	const modeTests = tests.filter((one): one is ModeTest => one.kind === 'mode-test');
	const products = await findProducts(db, [...new Set(modeTests.flatMap(productsOf))]);
	const names = modeTests.flatMap(({ parts }) => parts.map(({ accessory }) => accessory));
	const accessories = await findAccessories(db, [...new Set(names)]);
	const byId = <T extends { id: string }>(items: readonly T[]) =>
		new Map(items.map((item) => [item.id as string, item]));
	const [productById, accessoryById] = [byId(products), byId(accessories)];
	return { product: (id) => productById.get(id), accessory: (id) => accessoryById.get(id) };
}

/** Puts on record what all tests of a vehicle teach of its thresholds. @returns what was changed, a sentence each */
async function teach(tx: Tx, configurationId: string, actor: Actor): Promise<string[]> {
	const proofs = (await proofsOf(tx, configurationId)).toReversed();
	const records = await recordsOfTests(tx, proofs);
	const told: string[] = [];
	const begun = await findConfiguration(tx, configurationId);
	if (!begun) return told;
	for (const bounds of thresholdBounds(begun, proofs, records)) {
		const now = await findConfiguration(tx, configurationId);
		const { subject, fact } = bounds.watched;
		const lesson = now && lessonOf(bounds, testedValue(now, subject, fact));
		if (!lesson) continue;
		const { kind, value, note } = lesson;
		const base = await lastEvent(tx, CONFIGURATIONS.name(configurationId));
		const command = { kind: 'tested', subject, fact, value, narrows: kind === 'narrows', note } as const;
		const done = await changeRecordIn(tx, { id: configurationId, base, command }, actor);
		if (done.ok) told.push(done.value.what);
	}
	return told;
}

/** A proof that was kept, and what it taught. */
export interface KeptProof {
	proof: Proof;
	/** Changes of the record it led to, a sentence each. */
	taught: string[];
}

/**
 * Keeps a proof, new or as it stands now. A mode test that is finished teaches: thresholds go on record with the tests as their evidence.
 * @param finished whether a mode test is over
 */
export function keepProof(
	db: Knex,
	proof: Proof,
	{ finished, actor }: { finished: boolean; actor: Actor }
): Promise<Result<KeptProof, string>> {
	return change(db, async (tx) => {
		const configuration = await findConfiguration(tx, proof.configuration);
		if (!configuration) return err('This vehicle is no longer on record. Nothing was kept.');
		const words = await trouble(tx, proof, configuration);
		if (words !== null) return err(words);
		await putProof(tx, proof);
		return ok({
			proof,
			taught: finished && proof.kind === 'mode-test' ? await teach(tx, configuration.id, actor) : []
		});
	});
}

/** Keeps a picture of a beam, upright and without what the camera wrote beside it. @returns its hash, or one clause about why it is none */
export async function keepBeamPicture(db: Knex, bytes: Uint8Array): Promise<Result<string, string>> {
	const picture = await pictureToKeep(bytes);
	if (!picture.ok) return picture;
	const hash = createHash('sha256').update(picture.value.bytes).digest('hex');
	return change(db, async (tx) => {
		await keepPicture(tx, hash, picture.value);
		return ok(hash);
	});
}
