import type { Knex } from 'knex';
import { releaseImpacts, type ReleaseImpact } from '../../../core/kit';
import { findConfiguration } from '../../repositories/configurations';
import { listRevisions } from '../../repositories/kits';
import { listRecords } from '../../repositories/records';
import { shopData } from '../catalogue';
import type { FrozenKit } from './life';

const cache = new WeakMap<Knex, Map<string, { version: number; impacts: ReleaseImpact[] }>>();

/** What changed under the last released revision of a kit; empty when nothing did, or nothing was released. Worked out once per data version. */
export async function impactsOnRelease(db: Knex, kitId: string): Promise<ReleaseImpact[]> {
	const last = (await listRevisions(db, kitId)).at(-1);
	if (!last) return [];
	const { catalogue, shop, version } = await shopData(db);
	const kept = cache.get(db) ?? new Map<string, { version: number; impacts: ReleaseImpact[] }>();
	cache.set(db, kept);
	const seen = kept.get(last.code);
	if (seen?.version === version) return seen.impacts;
	const frozen = last.document as FrozenKit;
	const configuration = await findConfiguration(db, frozen.configuration.id);
	const impacts = releaseImpacts(
		{
			...frozen,
			products: frozen.products ?? [],
			accessories: frozen.accessories ?? [],
			complaints: frozen.complaints ?? []
		},
		{
			kitCase: configuration ? { configuration, catalogue, shop } : null,
			products: new Map(catalogue.all.map(({ record }) => [record.id as string, record])),
			accessories: new Map(shop.accessories.map((a) => [a.id as string, a])),
			complaints: await listRecords(db, 'complaints'),
			currency: shop.currency
		}
	);
	kept.set(last.code, { version, impacts });
	return impacts;
}
