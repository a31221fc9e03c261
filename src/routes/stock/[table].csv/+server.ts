import { error } from '@sveltejs/kit';
import { csv } from '$lib/server/documents/csv';
import { download } from '$lib/server/download';
import { stockTables } from '$lib/server/services/sheets/export';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
	const table = (await stockTables(await database())).find(({ name }) => name === params.table);
	if (!table) error(404, { message: 'There is no such table.' });
	return download(csv(table), `${table.name}.csv`, 'text/csv; charset=utf-8');
};
