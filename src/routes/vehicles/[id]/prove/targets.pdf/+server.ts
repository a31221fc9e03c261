import { paperOf } from '$lib/server/documents/papers';
import { targetSheets } from '$lib/server/documents/pdf/targets';
import { download } from '$lib/server/download';
import type { RequestHandler } from './$types';

/** Four targets for the wall. */
export const GET: RequestHandler = async ({ url }) =>
	download(await targetSheets(paperOf(url)), 'targets.pdf', 'application/pdf');
