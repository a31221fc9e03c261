import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';

/** How often one address may do something, and in what time, s. */
const LIMITS = {
	/** Passwords and codes. */
	entry: new RateLimiterMemory({ points: 20, duration: 60 }),
	/** Pages of the customers' door. */
	customer: new RateLimiterMemory({ points: 60, duration: 60 }),
	/** Codes nobody released, at the customers' door. */
	guess: new RateLimiterMemory({ points: 10, duration: 600 }),
	/** Complaints that customers send. */
	complaint: new RateLimiterMemory({ points: 5, duration: 3600 }),
	/** Changes of any kind. */
	change: new RateLimiterMemory({ points: 1200, duration: 60 })
} as const;

export type Limit = keyof typeof LIMITS;

/** Counts one more time for an address; how long it has to wait, s, or null when it need not. */
export async function overLimit(limit: Limit, address: string): Promise<number | null> {
	try {
		await LIMITS[limit].consume(address);
		return null;
	} catch (error) {
		if (error instanceof RateLimiterRes) return Math.ceil(error.msBeforeNext / 1000);
		throw error;
	}
}

/** How long an address has to wait that has used up what it may, s; null when it need not. Counts nothing. */
export async function stillOver(limit: Limit, address: string): Promise<number | null> {
	const found = await LIMITS[limit].get(address);
	const used = found !== null && found.consumedPoints >= LIMITS[limit].points;
	return used ? Math.ceil(found.msBeforeNext / 1000) : null;
}

/** Forgets what was counted, for tests. */
export async function forgetLimits(address: string): Promise<void> {
	for (const limiter of Object.values(LIMITS)) await limiter.delete(address);
}
