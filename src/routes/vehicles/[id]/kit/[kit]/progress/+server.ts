import { json } from '@sveltejs/kit';
import { solveState, stopSolve } from '$lib/server/workers/solves';
import type { RequestHandler } from './$types';

/** Where the work on the kit stands; null when nothing is under way. */
export const GET: RequestHandler = ({ params }) => json(solveState(params.kit));

/** Stops it; the kit stays as it was. */
export const DELETE: RequestHandler = ({ params }) => json({ stopped: stopSolve(params.kit) });
