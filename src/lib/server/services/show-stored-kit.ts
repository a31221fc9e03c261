import type { Knex } from 'knex';
import type { Configuration, KitOrder, Policy } from '../../core/exchange';
import { showKit, type ShownKit } from '../../core/showing';
import { vehicleName } from '../../core/vehicle';
import { findConfiguration } from '../repositories/configurations';
import { findKit, listRevisions, type StoredKit } from '../repositories/kits';
import { shopData } from './catalogue';
import type { FrozenKit } from './kits';
import { readCurrency } from './policy';

/** A kit from the database with all that its page, its sheet and its files show. A released one is shown as it was frozen. */
export interface KitSheet {
	id: string;
	name: string;
	state: StoredKit['state'];
	code: string | null;
	releasedAt: string | null;
	signedBy: string | null;
	vehicleName: string;
	configuration: Configuration;
	order: KitOrder;
	kit: ShownKit;
	policy: Policy;
	currency: string;
	/** True when facts have changed since the draft was worked out. */
	stale: boolean;
}

/** Reads a kit of a vehicle for showing; null when it is not there. */
export async function kitSheet(db: Knex, configurationId: string, id: string): Promise<KitSheet | null> {
	const [stored, configuration] = [await findKit(db, id), await findConfiguration(db, configurationId)];
	if (!stored || !configuration || stored.configurationId !== configurationId) return null;
	const { catalogue, shop, version } = await shopData(db);
	const products = catalogue.all.map((p) => p.record);
	const revision = (await listRevisions(db, id)).at(-1);
	const frozen = revision?.document as FrozenKit | undefined;
	const shownConfiguration = frozen?.configuration ?? configuration;
	return {
		id,
		name: stored.name,
		state: stored.state,
		code: revision?.code ?? null,
		releasedAt: revision?.releasedAt ?? null,
		signedBy: frozen?.signedBy ?? null,
		vehicleName: frozen?.vehicle ?? vehicleName(configuration),
		configuration: shownConfiguration,
		order: frozen?.order ?? stored.order,
		kit: showKit(
			shownConfiguration,
			frozen?.answer ?? stored.answer,
			products,
			frozen?.order.choices ?? stored.order.choices
		),
		policy: (frozen?.policy as Policy | undefined) ?? shop.policy,
		currency: frozen?.currency ?? (await readCurrency(db)),
		stale: stored.state === 'draft' && stored.dataVersion !== version
	};
}
