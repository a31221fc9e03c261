import type { Knex } from 'knex';
import { document as documentSchema, FORMAT, kitOrder, type RotaluxDocument } from '../../core/model';
import { pictureKind } from '../../core/beam';
import { EMPTY_ANSWER, NEW_LIFE, type KitAnswer, type KitLife } from '../../core/kit';
import { unitIdsOf } from '../../core/vehicle';
import { seenFrom } from '../db/branch';
import { changeAlways, type Tx } from '../db/change';
import { listBranches } from '../repositories/branches';
import { findConfiguration, listConfigurations } from '../repositories/configurations';
import { addKit, findKit, kitsOf, listKits, NO_FOUNDATION, updateKit, type StoredKit } from '../repositories/kits';
import { addRevision, listRevisions, type KitRevision } from '../repositories/kit-revisions';
import { keepPicture } from '../repositories/fittings';
import { listAccessories, listProducts } from '../repositories/products';
import { proofsOf } from '../repositories/proofs';
import { addRecord, listRecords } from '../repositories/records';
import { raiseMark, readSettings, writeSetting } from '../repositories/settings';
import { listUnits, unitsById } from '../repositories/units';
import { readAssumptions } from './assumptions';
import { exportedFittings, importFittings } from './exchanged-fittings';
import { exportedLearned, importLearned } from './exchanged-learned';
import { exportedProofs, importProofs } from './exchanged-proofs';
import { readCurrency, readPolicy } from './policy';
import { readyToTakeIn, takeIn } from './record/take-in';

const KNOWN_FIELDS: ReadonlySet<string> = new Set(Object.keys(documentSchema.shape));
const EXTRA = 'extra:';

/** What kind of picture some bytes are: whatever is none is handed out as bytes, never as a page. */
function typeOf(bytes: Uint8Array): string {
	const kind = pictureKind(bytes);
	return kind.ok ? `image/${kind.value.kind}` : 'application/octet-stream';
}

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
	branch?: string;
	answer?: KitAnswer;
	life?: KitLife;
	revisions?: KitRevision[];
};

/** A branch as rows keep it, by its id: null for the first one, and where there is none of that id here. */
async function branchWith(db: Knex, branch: string | undefined): Promise<string | null> {
	return (await listBranches(db)).find(({ id, first }) => id === branch && !first)?.id ?? null;
}

async function importKit(tx: Tx, kit: ExchangedKit, now: string): Promise<string | null> {
	const { id, name, configuration, branch, state, order, answer, life, revisions = [], ...extra } = kit;
	if (!(await findConfiguration(tx, configuration)))
		return `Kit ${name} was left out: its vehicle ${configuration} is not here.`;
	const there = await findKit(tx, id);
	if (there?.state === 'released') return `Kit ${there.name} is released and was kept as it stands.`;
	const stored: StoredKit = {
		id,
		name,
		configurationId: configuration,
		branch: there ? there.branch : await branchWith(tx, branch),
		state: state === 'superseded' ? 'released' : state,
		order: kitOrder.parse(order),
		answer: { ...EMPTY_ANSWER, ...answer },
		version: there?.version ?? 0,
		standsOn: NO_FOUNDATION,
		life: { ...NEW_LIFE, ...life },
		extra,
		createdAt: there?.createdAt ?? now,
		updatedAt: now
	};
	await (there ? updateKit(tx, stored) : addKit(tx, stored));
	const known = new Set((await listRevisions(tx, id)).map((r) => r.revision));
	for (const revision of revisions.filter((r) => !known.has(r.revision)))
		await addRevision(tx, { ...revision, kitId: id, mark: 0 });
	return null;
}

/**
 * Takes a document in: what has a known id is replaced, what is new is added, what is not mentioned stays. All or nothing.
 * A released kit is never replaced.
 * @param now time stamp of the change, ISO
 */
export async function importDocument(
	db: Knex,
	doc: RotaluxDocument,
	{
		now,
		by = null,
		progress,
		noting,
		pictures = new Map()
	}: {
		now: string;
		by?: string | null;
		progress?: (done: number) => void;
		/** Is written with it, once it is known what comes of it. */
		noting?: (tx: Tx, report: ImportReport) => Promise<void>;
		/** Pictures that came along, by SHA-256. */
		pictures?: ReadonlyMap<string, Uint8Array>;
	}
): Promise<ImportReport> {
	const ready = await readyToTakeIn(db, doc, { actor: { by, now }, ...(progress ? { progress } : {}) });
	return changeAlways(db, async (tx) => {
		await takeIn(tx, ready);
		if (doc.policy || doc.assumptions) await raiseMark(tx, 'policy');
		if (doc.policy) await writeSetting(tx, 'policy', doc.policy);
		if (doc.assumptions) await writeSetting(tx, 'assumptions', { ...(await readAssumptions(tx)), ...doc.assumptions });
		if (doc.products.length + doc.accessories.length > 0) await writeSetting(tx, 'currency', doc.currency);
		for (const reading of doc.readings) await addRecord(tx, 'readings', reading);
		for (const [field, value] of Object.entries(doc))
			if (!KNOWN_FIELDS.has(field)) await writeSetting(tx, `${EXTRA}${field}`, value);
		const kept: string[] = [];
		for (const kit of doc.kits) {
			const sentence = await importKit(tx, kit as ExchangedKit, now);
			if (sentence) kept.push(sentence);
		}
		const keptKits = kept.length;
		for (const [hash, bytes] of pictures) await keepPicture(tx, hash, { type: typeOf(bytes), bytes });
		kept.push(...(await importFittings(tx, doc.fittings)), ...(await importProofs(tx, doc.proofs)));
		await importLearned(tx, doc);
		await raiseMark(tx, 'shop');
		const report = {
			configurations: doc.configurations.length,
			products: doc.products.length,
			accessories: doc.accessories.length,
			kits: doc.kits.length - keptKits,
			kept
		};
		await noting?.(tx, report);
		return report;
	});
}

async function exportedKit(db: Knex, kit: StoredKit) {
	const revisions = await listRevisions(db, kit.id);
	return {
		...kit.extra,
		id: kit.id,
		name: kit.name,
		configuration: kit.configurationId,
		...(kit.branch === null ? {} : { branch: kit.branch }),
		state: kit.state,
		order: kit.order,
		answer: kit.answer,
		life: kit.life,
		...(revisions.length > 0 ? { revisions: revisions.map(({ mark: _mark, ...frozen }) => frozen) } : {})
	};
}

/** Everything the shop has, as one document: prices and stock of a chain are those of its first branch. */
export async function exportAll(from: Knex): Promise<Record<string, unknown>> {
	const db = seenFrom(from, null);
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
		fittings: await exportedFittings(db),
		proofs: await exportedProofs(db),
		readings: await listRecords(db, 'readings'),
		...(await exportedLearned(db)),
		...(await readSettings(db, EXTRA))
	};
}

/** One vehicle with its kits, as a document; null when it is not there. */
export async function exportVehicle(db: Knex, id: string): Promise<Record<string, unknown> | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const kits = await kitsOf(db, id);
	return {
		format: FORMAT,
		currency: await readCurrency(db),
		units: [...(await unitsById(db, unitIdsOf(configuration))).values()],
		configurations: [configuration],
		kits: await Promise.all(kits.map((kit) => exportedKit(db, kit))),
		proofs: await proofsOf(db, id)
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
