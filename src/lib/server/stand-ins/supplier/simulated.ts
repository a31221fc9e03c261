import { readQuotes } from './http';
import type { Quote, Supplier } from './service';

/** A pack as it was when the shop began. */
export type FeedPack = Pick<Quote, 'sku' | 'price' | 'stock'>;

/** What a server sends. */
export interface FeedAnswer {
	status: number;
	type: string;
	body: string;
}

const PERIOD_MS = 60_000;
/** One period in so many the feed is down, and one in so many it sends nonsense. */
const DOWN_EVERY = 7;
const NONSENSE_EVERY = 11;
/** What the shop pays, as a share of its price. */
const COST_SHARE = 0.6;

/** A number from 0 to 1 that a text always gives (FNV-1a). */
function draw(text: string): number {
	let hash = 0x811c9dc5;
	for (const char of text) hash = Math.imul(hash ^ char.charCodeAt(0), 0x01000193);
	return ((hash ^ (hash >>> 15)) >>> 0) / 4294967296;
}

/** A pack after some periods: one price in ten moves by up to a tenth, stock drifts by a few packs, and now and then one runs out. */
function quoteAt({ sku, price, stock }: FeedPack, period: number): Quote {
	const moves = draw(`${sku} moves ${Math.floor(period / 10)}`) < 0.1;
	const share = moves ? 0.9 + 0.2 * draw(`${sku} price ${Math.floor(period / 10)}`) : 1;
	const drift = Math.floor(draw(`${sku} stock ${period}`) * 5) - 2;
	const out = draw(`${sku} out ${Math.floor(period / 30)}`) < 0.04;
	const now = Math.round(price * share);
	return { sku, price: now, cost: Math.round(now * COST_SHARE), stock: out ? 0 : Math.max(0, stock + drift) };
}

/**
 * The answer of the simulated feed at a time: prices and stock that change by the minute; in one minute of seven it is down, and in one of
 * eleven it sends a page of an error instead of quotes.
 */
export function feedAnswer(packs: readonly FeedPack[], currency: string, at: Date): FeedAnswer {
	const period = Math.floor(at.getTime() / PERIOD_MS);
	if (period % DOWN_EVERY === 0) return { status: 503, type: 'text/plain', body: 'down for maintenance' };
	if (period % NONSENSE_EVERY === 0) return { status: 200, type: 'text/html', body: '<html>session expired</html>' };
	const quotes = packs.map((pack) => quoteAt(pack, period));
	return { status: 200, type: 'application/json', body: JSON.stringify({ at: at.toISOString(), currency, quotes }) };
}

/** The simulated feed without a network between: the same answers, read the same way. */
export function simulatedSupplier(
	packs: () => Promise<readonly FeedPack[]>,
	currency: string,
	now: () => Date
): Supplier {
	return {
		name: 'Simulated supplier',
		simulated: true,
		ask: async () => {
			const { status, body } = feedAnswer(await packs(), currency, now());
			return readQuotes(status, body);
		}
	};
}
