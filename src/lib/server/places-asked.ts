import { z } from 'zod';
import { FUNCTION_IDS } from '$lib/core/lamps';
import type { PlacesAsked } from './services/cover/asked/places';

const MOST_SIGNS = 100;
const word = z.string().max(MOST_SIGNS).min(1).optional().catch(undefined);

const asked = z.object({
	stands: z.enum(['served', 'open', 'all']).catch('open'),
	category: word,
	function: z.enum(FUNCTION_IDS).optional().catch(undefined),
	vehicle: word,
	key: word
});

/** Which sockets an address asks for; where of the list is said apart. */
export const placesAsked = (url: URL, part: { from: number; most: number }): PlacesAsked => ({
	...asked.parse(Object.fromEntries(url.searchParams)),
	...part
});
