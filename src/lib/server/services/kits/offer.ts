import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { KitScope } from '../../../core/model';
import type { OfferView } from '../../../core/views';
import { fingerprint } from '../../fingerprint';
import { findConfiguration } from '../../repositories/configurations';
import { kitsFor } from '../../repositories/kits';
import { listRevisions } from '../../repositories/kit-revisions';
import { shopKey } from '../catalogue';
import type { KitContext } from './context';
import { asOrdered } from './data';
import type { FrozenKit } from './life';
import { promisedToOthers } from './promised';
import { impactsOnRelease } from './release-impacts';
import { served, type OfferWish } from './work';

const REMEMBERED = 200;
const cache = new WeakMap<Knex, LRUCache<string, OfferView['prices']>>();

/** The released kit that does for a vehicle and a scope, the last one first; what would not be worked out so today is passed over. */
async function released(db: Knex, vehicle: string, scope: KitScope): Promise<OfferView['released']> {
	const kits = await kitsFor(db, vehicle);
	for (const kit of kits) {
		const last = (await listRevisions(db, kit.id)).at(-1);
		const frozen = last?.document as FrozenKit | undefined;
		if (!last || frozen?.order.scope !== scope) continue;
		const impacts = await impactsOnRelease(db, kit.id);
		if (impacts.some((t) => t.kind === 'holds')) continue;
		return {
			kit: kit.id,
			vehicle: kit.configurationId,
			code: last.code,
			name: kit.name,
			total: frozen.answer.total,
			served: served(frozen.answer),
			open: frozen.answer.open.length,
			impacts: impacts.length
		};
	}
	return null;
}

/** "What kit for this vehicle?": the released kit that does, and what a kit would cost by each of the three balances; null without the vehicle. */
export async function offerFor(
	ctx: KitContext,
	vehicle: string,
	{ scope, everyShelf = false }: Pick<OfferWish, 'scope' | 'everyShelf'>
): Promise<OfferView | null> {
	const configuration = await findConfiguration(ctx.db, vehicle);
	if (!configuration) return null;
	const facts = await shopKey(asOrdered(ctx.db, { everyShelf }), { configurations: [configuration] });
	const kept = cache.get(ctx.db) ?? new LRUCache<string, OfferView['prices']>({ max: REMEMBERED });
	cache.set(ctx.db, kept);
	const promised = await promisedToOthers(ctx, { order: { everyShelf } });
	const key = `${facts} ${fingerprint(configuration)} ${scope} ${everyShelf} ${fingerprint(promised)}`;
	const prices = kept.get(key) ?? (await ctx.work.offerPrices({ configuration, scope, everyShelf, promised }));
	kept.set(key, prices);
	return { released: await released(ctx.db, vehicle, scope), prices };
}
