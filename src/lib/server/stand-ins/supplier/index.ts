import { httpSupplier } from './http';
import type { Supplier } from './service';
import { simulatedSupplier, type FeedPack } from './simulated';

/** The supplier in use: the one at `ROTALUX_SUPPLIER`, or the simulated one on the packs of the shop. */
export function supplierOf(
	packs: () => Promise<readonly FeedPack[]>,
	currency: string,
	{ now, env = process.env }: { now: () => Date; env?: NodeJS.ProcessEnv }
): Supplier {
	return env.ROTALUX_SUPPLIER ? httpSupplier(env.ROTALUX_SUPPLIER) : simulatedSupplier(packs, currency, now);
}

export { quote, type Quote, type Quotes, type Supplier } from './service';
export { serveFeed, type Feed } from './server';
export type { FeedPack } from './simulated';
