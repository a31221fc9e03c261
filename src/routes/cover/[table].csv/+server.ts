import { error } from '@sveltejs/kit';
import { coverAsked } from '$lib/server/cover-asked';
import { csv } from '$lib/server/documents/csv';
import { download } from '$lib/server/download';
import { COVER_TABLES, type CoverTable } from '$lib/server/services/cover/tables';
import { cover } from '$lib/server/shop';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	if (!Object.hasOwn(COVER_TABLES, params.table)) error(404, { message: 'There is no such table.' });
	const make = COVER_TABLES[params.table as CoverTable];
	const table = await make((question, ...asked) => cover.ask(question, ...asked), coverAsked(url));
	return download(csv(table), `cover-${table.name}.csv`, 'text/csv; charset=utf-8');
};
