import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { releaseImpacts, type ReleaseImpact } from '../../../core/kit';
import { seenFrom } from '../../db/branch';
import { findConfiguration } from '../../repositories/configurations';
import { findRevision, releaseMarks } from '../../repositories/kit-revisions';
import { complaintsAbout } from '../../repositories/complaints';
import { readMark } from '../../repositories/settings';
import { dataOfKit } from './data';
import type { FrozenKit } from './life';

/** Releases whose impacts are remembered. */
const REMEMBERED = 2000;
const cache = new WeakMap<Knex, LRUCache<string, ReleaseImpact[]>>();

function remembered(db: Knex): LRUCache<string, ReleaseImpact[]> {
	const kept = cache.get(db) ?? new LRUCache<string, ReleaseImpact[]>({ max: REMEMBERED });
	cache.set(db, kept);
	return kept;
}

async function frozenAs(db: Knex, code: string): Promise<FrozenKit> {
	const revision = await findRevision(db, code);
	if (!revision) throw new Error(`The release ${code} is not there.`);
	return revision.document as FrozenKit;
}

async function workedOut(db: Knex, frozen: FrozenKit): Promise<ReleaseImpact[]> {
	const configuration = await findConfiguration(db, frozen.configuration.id);
	const { catalogue, shop } = await dataOfKit(db, frozen);
	const sold = frozen.answer.lines.flatMap(({ product }) => product ?? []);
	return releaseImpacts(
		{
			...frozen,
			products: frozen.products ?? [],
			accessories: frozen.accessories ?? [],
			complaints: frozen.complaints ?? []
		},
		{
			kitCase: configuration ? { configuration, catalogue, shop } : null,
			products: new Map(
				sold.flatMap((id) => {
					const record = catalogue.find(id)?.record;
					return record ? [[id, record] as const] : [];
				})
			),
			accessories: new Map(shop.accessories.map((a) => [a.id as string, a])),
			complaints: await complaintsAbout(db, sold),
			currency: shop.currency
		}
	);
}

/**
 * What changed under the last released revisions of kits, by kit; nothing where nothing did, or nothing was released. Only those with a
 * change of anything they stand on are looked at, and each once per change.
 */
export async function impactsOn(db: Knex, ids: readonly string[]): Promise<Map<string, ReleaseImpact[]>> {
	const [marks, policy] = [await releaseMarks(db, ids), await readMark(db, 'policy')];
	const found = new Map<string, ReleaseImpact[]>();
	for (const [id, { code, frozen, now, branch }] of marks) {
		const mark = Math.max(now, policy);
		if (mark <= frozen) continue;
		const key = `${code} ${mark}`;
		const impacts = remembered(db).get(key) ?? (await workedOut(seenFrom(db, branch), await frozenAs(db, code)));
		remembered(db).set(key, impacts);
		found.set(id, impacts);
	}
	return found;
}

/** What changed under the last released revision of one kit. */
export async function impactsOnRelease(db: Knex, kitId: string): Promise<ReleaseImpact[]> {
	return (await impactsOn(db, [kitId])).get(kitId) ?? [];
}
