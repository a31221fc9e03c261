import type { Knex } from 'knex';
import type { Accessory, Configuration, KitOrder, Policy, Product } from '../../../core/model';
import { NEW_LIFE, readAnswer, type KitAnswer, type KitLife, type ReleaseImpact } from '../../../core/kit';
import { cautionsFor, jobOfKit } from '../../../core/fitup';
import {
	kitView,
	signaturesWanted,
	unprovedLines,
	type KitView,
	type SignatureWanted,
	type UnprovedLine
} from '../../../core/views';
import { vehicleName } from '../../../core/vehicle';
import { branchNames } from '../../repositories/branches';
import { findConfiguration } from '../../repositories/configurations';
import { findKit, type StoredKit } from '../../repositories/kits';
import { listRevisions, type KitRevision } from '../../repositories/kit-revisions';
import { shopRules } from '../catalogue';
import { readCurrency } from '../policy';
import { staleness } from './context';
import { dataOfKit, productsIn } from './data';
import { recordsById } from './fit-up-of';
import { sightOf } from './landing';
import type { FrozenKit } from './life';
import { impactsOnRelease } from './release-impacts';

/** A kit from the database with all that its page, its sheet and its files show. A released one is shown as it was frozen. */
export interface KitSheet {
	id: string;
	name: string;
	/** Branch it is of, or was when it was released; null where a shop stands alone. */
	branch: string | null;
	state: StoredKit['state'];
	/** Code of the revision that is shown; null for a draft. */
	code: string | null;
	/** Number of the revision that is shown, or of the one that is under way. */
	revision: number;
	releasedAt: string | null;
	/** Every released revision, the first one first; all but the last are superseded. */
	revisions: { revision: number; code: string; releasedAt: string }[];
	life: KitLife;
	/** Names of other vehicles it does for. */
	also: string[];
	vehicleName: string;
	configuration: Configuration;
	order: KitOrder;
	answer: KitAnswer;
	kit: KitView;
	/** What is in it, as it stands or stood. */
	records: { products: Product[]; accessories: Accessory[] };
	/** Wires of the parts in it, by accessory. */
	wires: Record<string, { colour: string; to: string }[]>;
	/** What wants a signature before it is checked. */
	toSign: SignatureWanted[];
	/** Lamps the shop's policy wants proved first, and that are not. */
	unproved: UnprovedLine[];
	/** What to mind when it is fitted: what applies to it and no more. */
	cautions: string[];
	policy: Policy;
	currency: string;
	/** What the draft stands on and has changed since it was worked out, in words. */
	stale: string[];
	/** What a person sees of it, to be given back with a change. */
	sight: string;
	/** What changed under the revision that was last released. */
	impacts: ReleaseImpact[];
}

type Shown = Pick<
	FrozenKit,
	'branch' | 'configuration' | 'vehicle' | 'order' | 'answer' | 'policy' | 'currency' | 'life' | 'also'
>;

async function shownKit(db: Knex, stored: StoredKit, configuration: Configuration): Promise<Shown> {
	const { shop } = await shopRules(db);
	const { order, answer, life } = stored;
	const also = await Promise.all(life.also.map((id) => findConfiguration(db, id)));
	return {
		branch: (await branchNames(db))(stored.branch),
		configuration,
		vehicle: vehicleName(configuration),
		order,
		answer,
		policy: shop.policy,
		currency: await readCurrency(db),
		life,
		also: also.flatMap((c) => (c ? vehicleName(c) : []))
	};
}

function frozen({ document }: KitRevision): Shown {
	const kit = document as FrozenKit;
	return { ...kit, answer: readAnswer(kit.answer), life: kit.life ?? NEW_LIFE, also: kit.also ?? [] };
}

/** What to mind when a kit is fitted. */
export function cautionsOf(
	{ configuration, answer }: Pick<KitSheet, 'configuration' | 'answer'>,
	records: KitSheet['records']
): string[] {
	const job = jobOfKit(configuration, answer, recordsById(records));
	return cautionsFor({ ...job, operations: [] });
}

/** Wires of the parts in a kit, by accessory. */
export function wiresIn({ lines }: KitAnswer, accessories: readonly Accessory[] = []): KitSheet['wires'] {
	const inKit = new Set(lines.flatMap((l) => l.accessory ?? []));
	return Object.fromEntries(accessories.flatMap((a) => (a.wires && inKit.has(a.id) ? [[a.id, a.wires]] : [])));
}

/**
 * Reads a kit of a vehicle for showing; null when it is not there.
 * @param revision a released revision to show instead of the kit as it stands
 */
export async function kitSheet(
	db: Knex,
	configurationId: string,
	{ id, revision }: { id: string; revision?: number }
): Promise<KitSheet | null> {
	const [stored, configuration] = [await findKit(db, id), await findConfiguration(db, configurationId)];
	if (!stored || !configuration || stored.configurationId !== configurationId) return null;
	const revisions = await listRevisions(db, id);
	const wanted = revision ?? (stored.state === 'released' ? revisions.length : 0);
	const released = revisions.find((r) => r.revision === wanted) ?? null;
	if (revision !== undefined && !released) return null;
	const shown = released ? frozen(released) : await shownKit(db, stored, configuration);
	const { catalogue, shop } = await dataOfKit(db, shown);
	const document = released ? (released.document as FrozenKit) : null;
	const inKit = new Set(shown.answer.lines.flatMap((line) => line.accessory ?? []));
	const records = {
		products: document?.products ?? productsIn(shown).flatMap((one) => catalogue.find(one)?.record ?? []),
		accessories: (document?.accessories ?? shop.accessories).filter(({ id: one }) => inKit.has(one))
	};
	return {
		id,
		name: stored.name,
		branch: shown.branch ?? null,
		state: released ? 'released' : stored.state,
		code: released?.code ?? null,
		revision: released?.revision ?? revisions.length + 1,
		releasedAt: released?.releasedAt ?? null,
		revisions: revisions.map((r) => ({ revision: r.revision, code: r.code, releasedAt: r.releasedAt })),
		life: shown.life,
		also: shown.also,
		vehicleName: shown.vehicle,
		configuration: shown.configuration,
		order: shown.order,
		answer: shown.answer,
		kit: kitView(shown.configuration, shown.answer, { products: records.products, choices: shown.order.choices }),
		records,
		cautions: cautionsOf(shown, records),
		wires: wiresIn(shown.answer, records.accessories),
		toSign: signaturesWanted(shown.answer, shown.configuration),
		unproved: released ? [] : await unprovedOf(db, shown),
		policy: shown.policy,
		currency: shown.currency,
		stale: released ? [] : await staleness(db, { kit: stored, configuration }),
		sight: sightOf(stored),
		impacts: await impactsOnRelease(db, id)
	};
}

/** Lamps of a kit that the shop's policy wants proved first, and that are not. */
async function unprovedOf(db: Knex, { configuration, order, answer }: Shown): Promise<UnprovedLine[]> {
	const { catalogue, shop } = await dataOfKit(db, { order, answer });
	return unprovedLines(configuration, answer, { shop: { ...shop, exception: order.exception }, find: catalogue.find });
}
