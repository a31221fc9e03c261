import type { Knex } from 'knex';
import { document as documentSchema, FORMAT, kitOrder, type RotaluxDocument } from '../../core/model';
import { EMPTY_ANSWER, NEW_LIFE, type KitAnswer, type KitLife } from '../../core/kit';
import { unitIdsOf } from '../../core/vehicle';
import { findConfiguration, listConfigurations } from '../repositories/configurations';
import {
	addRevision,
	findKit,
	listKits,
	listRevisions,
	putKit,
	type KitRevision,
	type StoredKit
} from '../repositories/kits';
import { listAccessories, listProducts } from '../repositories/products';
import { addRecord, listRecords, RECORD_LISTS } from '../repositories/records';
import { bumpCatalogueVersion, readSettings, writeSetting } from '../repositories/settings';
import { listUnits, unitsById } from '../repositories/units';
import { readAssumptions } from './assumptions';
import { readCurrency, readPolicy } from './policy';
import { ACCESSORIES, CONFIGURATIONS, PRODUCTS, UNITS, writeRecord, type Store, type Actor } from './record/store';

const KNOWN_FIELDS: ReadonlySet<string> = new Set(Object.keys(documentSchema.shape));
const EXTRA = 'extra:';

/** What an import did, and what it left alone. */
export interface ImportReport {
	configurations: number;
	products: number;
	accessories: number;
	kits: number;
	/** Sentences about what was kept as it stood. */
	kept: string[];
}

type ExchangedKit = RotaluxDocument['kits'][number] & {
	answer?: KitAnswer;
	life?: KitLife;
	revisions?: KitRevision[];
};

async function importKit(tx: Knex, kit: ExchangedKit, now: string): Promise<string | null> {
	const { id, name, configuration, state, order, answer, life, revisions = [], ...extra } = kit;
	if (!(await findConfiguration(tx, configuration)))
		return `Kit ${name} was left out: its vehicle ${configuration} is not here.`;
	const there = await findKit(tx, id);
	if (there?.state === 'released') return `Kit ${there.name} is released and was kept as it stands.`;
	const stored: StoredKit = {
		id,
		name,
		configurationId: configuration,
		state: state === 'superseded' ? 'released' : state,
		order: kitOrder.parse(order),
		answer: { ...EMPTY_ANSWER, ...answer },
		dataVersion: -1,
		life: { ...NEW_LIFE, ...life },
		extra,
		createdAt: there?.createdAt ?? now,
		updatedAt: now
	};
	await putKit(tx, stored);
	const known = new Set((await listRevisions(tx, id)).map((r) => r.revision));
	for (const revision of revisions.filter((r) => !known.has(r.revision)))
		await addRevision(tx, { ...revision, kitId: id });
	return null;
}

/** Takes one record in, with the event for its history; one that is already so is left alone. */
export async function takeRecord<T extends object & { id: string }>(
	tx: Knex,
	store: Store<T>,
	{ record, actor }: { record: T; actor: Actor }
) {
	const before = await store.find(tx, record.id);
	if (before && JSON.stringify(before) === JSON.stringify(record)) return;
	const event = before
		? { kind: 'change' as const, what: 'Taken in from a file, in place of what was there' }
		: { kind: 'created' as const, what: 'Taken in from a file' };
	await writeRecord(tx, store, { before, after: record, event, actor });
}

/**
 * Takes a document in: what has a known id is replaced, what is new is added, what is not mentioned stays. All or nothing.
 * A released kit is never replaced.
 * @param now time stamp of the change, ISO
 */
export async function importDocument(db: Knex, doc: RotaluxDocument, now: string): Promise<ImportReport> {
	return db.transaction(async (tx) => {
		const actor = { by: null, now };
		for (const unit of doc.units) await takeRecord(tx, UNITS, { record: unit, actor });
		for (const c of doc.configurations) await takeRecord(tx, CONFIGURATIONS, { record: c, actor });
		for (const p of doc.products) await takeRecord(tx, PRODUCTS, { record: p, actor });
		for (const a of doc.accessories) await takeRecord(tx, ACCESSORIES, { record: a, actor });
		if (doc.policy) await writeSetting(tx, 'policy', doc.policy);
		if (doc.assumptions) await writeSetting(tx, 'assumptions', { ...(await readAssumptions(tx)), ...doc.assumptions });
		if (doc.products.length + doc.accessories.length > 0) await writeSetting(tx, 'currency', doc.currency);
		for (const list of RECORD_LISTS) for (const record of doc[list]) await addRecord(tx, list, record);
		for (const [field, value] of Object.entries(doc))
			if (!KNOWN_FIELDS.has(field)) await writeSetting(tx, `${EXTRA}${field}`, value);
		const kept: string[] = [];
		for (const kit of doc.kits) {
			const sentence = await importKit(tx, kit as ExchangedKit, now);
			if (sentence) kept.push(sentence);
		}
		await bumpCatalogueVersion(tx);
		return {
			configurations: doc.configurations.length,
			products: doc.products.length,
			accessories: doc.accessories.length,
			kits: doc.kits.length - kept.length,
			kept
		};
	});
}

async function exportedKit(db: Knex, kit: StoredKit) {
	const revisions = await listRevisions(db, kit.id);
	return {
		...kit.extra,
		id: kit.id,
		name: kit.name,
		configuration: kit.configurationId,
		state: kit.state,
		order: kit.order,
		answer: kit.answer,
		life: kit.life,
		...(revisions.length > 0 ? { revisions } : {})
	};
}

/** Everything the shop has, as one document. */
export async function exportAll(db: Knex): Promise<Record<string, unknown>> {
	const kits = await listKits(db);
	return {
		format: FORMAT,
		currency: await readCurrency(db),
		units: await listUnits(db),
		configurations: await listConfigurations(db),
		products: await listProducts(db),
		accessories: await listAccessories(db),
		policy: await readPolicy(db),
		assumptions: await readAssumptions(db),
		kits: await Promise.all(kits.map((kit) => exportedKit(db, kit))),
		proofs: await listRecords(db, 'proofs'),
		readings: await listRecords(db, 'readings'),
		complaints: await listRecords(db, 'complaints'),
		...(await readSettings(db, EXTRA))
	};
}

/** One vehicle with its kits, as a document; null when it is not there. */
export async function exportVehicle(db: Knex, id: string): Promise<Record<string, unknown> | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const kits = await listKits(db, id);
	return {
		format: FORMAT,
		currency: await readCurrency(db),
		units: [...(await unitsById(db, unitIdsOf(configuration))).values()],
		configurations: [configuration],
		kits: await Promise.all(kits.map((kit) => exportedKit(db, kit)))
	};
}

/** One kit with its vehicle, as a document that can be read in again; null when it is not there. */
export async function exportKit(db: Knex, id: string): Promise<Record<string, unknown> | null> {
	const kit = await findKit(db, id);
	const configuration = kit && (await findConfiguration(db, kit.configurationId));
	if (!kit || !configuration) return null;
	return {
		format: FORMAT,
		currency: await readCurrency(db),
		units: [...(await unitsById(db, unitIdsOf(configuration))).values()],
		configurations: [configuration],
		kits: [await exportedKit(db, kit)]
	};
}
