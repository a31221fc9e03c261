import { json } from '@sveltejs/kit';
import { coverAsked } from '$lib/server/cover-asked';
import { fleetAsked } from '$lib/server/fleet-asked';
import { dataFolder } from '$lib/server/config';
import { askCover } from '$lib/server/workers/cover';
import type { RequestHandler } from './$types';

/** A part of the fleet as small wheels. */
export const GET: RequestHandler = async ({ url }) =>
	json(await askCover(dataFolder(), 'fleet', coverAsked(url), fleetAsked(url)));
