import { json } from '@sveltejs/kit';
import { coverAsked } from '$lib/server/cover-asked';
import { fleetAsked } from '$lib/server/fleet-asked';
import { cover } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** A part of the fleet as small wheels. */
export const GET: RequestHandler = async ({ url }) => json(await cover.ask('fleet', coverAsked(url), fleetAsked(url)));
