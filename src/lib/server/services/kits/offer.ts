import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { BALANCES, kitOrder, type Balance, type Configuration, type KitScope } from '../../../core/model';
import { assembleKit, type KitAnswer } from '../../../core/kit';
import type { OfferView } from '../../../core/views';
import { fingerprint } from '../../fingerprint';
import { findConfiguration } from '../../repositories/configurations';
import { kitsFor, listRevisions } from '../../repositories/kits';
import { shopData, type ShopData } from '../catalogue';
import type { KitContext } from './context';
import type { FrozenKit } from './life';
import { impactsOnRelease } from './release-impacts';

const REMEMBERED = 200;
const cache = new WeakMap<Knex, LRUCache<string, OfferView['prices']>>();

const served = ({ lines }: KitAnswer) => lines.reduce((sum, l) => sum + (l.product ? l.sockets.length : 0), 0);

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

async function priced(
	ctx: KitContext,
	{ configuration, scope }: { configuration: Configuration; scope: KitScope },
	data: ShopData
): Promise<OfferView['prices']> {
	const { catalogue, shop } = data;
	const one = async (balance: Balance) => {
		const order = kitOrder.parse({ scope, balance });
		const kit = await assembleKit({ configuration, catalogue, shop }, order, { solver: ctx.solver });
		return kit.ok ? [{ balance, total: kit.value.total, served: served(kit.value), open: kit.value.open.length }] : [];
	};
	return (await Promise.all(BALANCES.map(one))).flat();
}

/** "What kit for this vehicle?": the released kit that does, and what a kit would cost by each of the three balances; null without the vehicle. */
export async function offerFor(ctx: KitContext, vehicle: string, scope: KitScope): Promise<OfferView | null> {
	const configuration = await findConfiguration(ctx.db, vehicle);
	if (!configuration) return null;
	const data = await shopData(ctx.db, { configurations: [configuration] });
	const kept = cache.get(ctx.db) ?? new LRUCache<string, OfferView['prices']>({ max: REMEMBERED });
	cache.set(ctx.db, kept);
	const key = `${data.key} ${fingerprint(configuration)} ${scope}`;
	const prices = kept.get(key) ?? (await priced(ctx, { configuration, scope }, data));
	kept.set(key, prices);
	return { released: await released(ctx.db, vehicle, scope), prices };
}
