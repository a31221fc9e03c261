import { z } from 'zod';
import { OFFERS } from '$lib/core/cover';
import { WEIGHED_BY, type CoverAsked } from './services/cover/asked/tools';

const MOST_SIGNS = 100;
const YEARS = [1900, 2100] as const;

const word = z.string().trim().max(MOST_SIGNS).min(1).optional().catch(undefined);
const year = z.coerce.number().int().min(YEARS[0]).max(YEARS[1]).nullable().catch(null);

const asked = z.object({
	from: z.enum(OFFERS).catch('shelf'),
	led: z.string().optional(),
	weigh: z.enum(WEIGHED_BY).catch('even'),
	shelves: z.enum(['here', 'chain']).catch('here'),
	make: word,
	kind: word,
	market: word,
	since: year,
	until: year
});

/** What an address asks of the cover: a value nobody can use is passed over. LEDs alone count unless `led=any`. */
export function coverAsked(url: URL): CoverAsked {
	const given = Object.fromEntries([...url.searchParams].filter(([, value]) => value !== ''));
	const { led, since, until, ...rest } = asked.parse({ since: null, until: null, ...given });
	return {
		...rest,
		ledOnly: led !== 'any',
		...(since === null && until === null ? {} : { years: [since, until] as const })
	};
}
