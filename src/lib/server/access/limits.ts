import type { Knex } from 'knex';
import {
	RateLimiterMemory,
	RateLimiterPostgres,
	RateLimiterRes,
	type RateLimiterAbstract
} from 'rate-limiter-flexible';
import { engineOf } from '../db/engines';

/** How often one address may do something, and in what time, s. */
const LIMITS = {
	/** Passwords and codes. */
	entry: { points: 20, duration: 60 },
	/** Pages of the customers' door. */
	customer: { points: 60, duration: 60 },
	/** Codes nobody released, at the customers' door. */
	guess: { points: 10, duration: 600 },
	/** Complaints that customers send. */
	complaint: { points: 5, duration: 3600 },
	/** Requests of a program, by its token. */
	program: { points: 600, duration: 60 },
	/** Changes of any kind. */
	change: { points: 1200, duration: 60 }
} as const;

export type Limit = keyof typeof LIMITS;

const limiters = (make: (limit: Limit) => RateLimiterAbstract) =>
	Object.fromEntries((Object.keys(LIMITS) as Limit[]).map((limit) => [limit, make(limit)])) as Record<
		Limit,
		RateLimiterAbstract
	>;

const inMemory = (limit: Limit) => new RateLimiterMemory({ ...LIMITS[limit], keyPrefix: limit });

let counters = limiters(inMemory);

/** Counts together with all processes on the same data. One process on a file counts by itself. */
export function countTogether(db: Knex): void {
	if (engineOf(db).client !== 'pg') return;
	counters = limiters(
		(limit) =>
			new RateLimiterPostgres({
				...LIMITS[limit],
				keyPrefix: limit,
				storeClient: db,
				storeType: 'knex',
				tableName: 'rate_limits',
				tableCreated: true,
				clearExpiredByTimeout: limit === 'entry',
				// While the server does not answer, each process counts by itself.
				insuranceLimiter: inMemory(limit)
			})
	);
}

/** Counts one more time for an address; how long it has to wait, s, or null when it need not. */
export async function overLimit(limit: Limit, address: string): Promise<number | null> {
	try {
		await counters[limit].consume(address);
		return null;
	} catch (error) {
		if (error instanceof RateLimiterRes) return Math.ceil(error.msBeforeNext / 1000);
		throw error;
	}
}

/** How long an address has to wait that has used up what it may, s; null when it need not. Counts nothing. */
export async function stillOver(limit: Limit, address: string): Promise<number | null> {
	const found = await counters[limit].get(address);
	const used = found !== null && found.consumedPoints >= LIMITS[limit].points;
	return used ? Math.ceil(found.msBeforeNext / 1000) : null;
}

/** Forgets what was counted, for tests. */
export async function forgetLimits(address: string): Promise<void> {
	for (const limiter of Object.values(counters)) await limiter.delete(address);
}
