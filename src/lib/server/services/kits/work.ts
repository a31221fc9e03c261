import type { Knex } from 'knex';
import type { Configuration, KitOrder, KitScope } from '../../../core/model';
import {
	assembleKit,
	changeLine,
	demandPrices,
	type DemandPrice,
	type KitAnswer,
	type PricingWatch
} from '../../../core/kit';
import { BALANCES, kitOrder } from '../../../core/model';
import { err, ok, type Result } from '../../../core/result';
import type { Solver } from '../../../core/solver';
import { lineChangeView, type LineChangeView, type OfferView } from '../../../core/views';
import type { Foundation } from '../../repositories/kits';
import { shopData } from '../catalogue';
import { asOrdered, dataToChooseFrom, productsIn } from './data';
import { foundationOf } from './foundation';
import { withoutPromised, type Packs } from './promised';

/** A kit as it would be: worked out, not written. It lands only on the version it was made for. */
export interface Proposal {
	answer: KitAnswer;
	standsOn: Foundation;
}

/** A vehicle and an order for it. */
interface Ordered {
	configuration: Configuration;
	order: KitOrder;
	/** Packs that others were promised: they count for nobody else. */
	promised: Packs;
}

/** What an offer is asked for: a vehicle, a part of it, and whether packs at other branches count too. */
export interface OfferWish {
	configuration: Configuration;
	scope: KitScope;
	everyShelf?: boolean | undefined;
	/** Packs that others were promised. */
	promised: Packs;
}

/** What takes long about kits. It reads, works out and writes nothing, so it may be done in any thread. */
export interface KitWork {
	/** Works a kit out by the facts of today. An order that cannot hold together comes back in words. */
	proposal: (asked: Ordered & { runnersUp: number }, watch?: PricingWatch) => Promise<Result<Proposal, string>>;
	/** What one other lamp would move, everything else left as it is. */
	lineChange: (
		kit: Ordered & { answer: KitAnswer },
		change: { socket: string; product: string }
	) => Promise<Result<LineChangeView, string>>;
	/** What each demand costs, and what wishes that are often made would. */
	demandPrices: (kit: Ordered & { answer: KitAnswer }, watch?: PricingWatch) => Promise<DemandPrice[]>;
	/** What a kit would cost by each of the three balances. */
	offerPrices: (asked: OfferWish) => Promise<OfferView['prices']>;
}

/** Lamp holders that have a lamp in a kit. */
export const served = ({ lines }: KitAnswer): number =>
	lines.reduce((sum, line) => sum + (line.product ? line.sockets.length : 0), 0);

/** The work on kits, done here. */
export function kitWorkOn(db: Knex, solver: Solver): KitWork {
	return {
		proposal: async ({ configuration, order, promised, runnersUp }, watch) => {
			const data = await dataToChooseFrom(db, configuration, { order });
			const { catalogue, shop } = withoutPromised(data, promised);
			const kit = await assembleKit({ configuration, catalogue, shop }, order, {
				solver,
				runnersUp,
				...(watch ? { watch } : {})
			});
			if (!kit.ok) return err(`${kit.error.words} The kit stays as it was.`);
			return ok({ answer: kit.value, standsOn: foundationOf({ configuration, answer: kit.value }, data) });
		},
		lineChange: async ({ configuration, order, promised, answer }, change) => {
			const products = [...productsIn({ order, answer }), change.product];
			const data = await shopData(asOrdered(db, order), { configurations: [configuration], products });
			const { catalogue, shop } = withoutPromised(data, promised);
			const moved = await changeLine({ kitCase: { configuration, catalogue, shop }, order, answer }, change, solver);
			return moved.ok ? ok(lineChangeView(configuration, moved.value)) : moved;
		},
		demandPrices: async ({ configuration, order, promised, answer }, watch) => {
			const data = await dataToChooseFrom(db, configuration, { order, answer });
			const { catalogue, shop } = withoutPromised(data, promised);
			const kitCase = { configuration, catalogue, shop };
			return demandPrices({ kitCase, order, answer }, { solver, ...(watch ? { watch } : {}) });
		},
		offerPrices: async ({ configuration, scope, everyShelf, promised }) => {
			const orders = BALANCES.map((balance) => kitOrder.parse({ scope, balance, everyShelf }));
			const seen = asOrdered(db, { everyShelf });
			const { catalogue, shop } = withoutPromised(await shopData(seen, { configurations: [configuration] }), promised);
			const one = async (order: KitOrder) => {
				const kit = await assembleKit({ configuration, catalogue, shop }, order, { solver });
				return kit.ok
					? [{ balance: order.balance, total: kit.value.total, served: served(kit.value), open: kit.value.open.length }]
					: [];
			};
			return (await Promise.all(orders.map(one))).flat();
		}
	};
}
