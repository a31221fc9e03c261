import { error } from '@sveltejs/kit';
import { workbook } from '$lib/server/documents/workbooks/write';
import { download } from '$lib/server/download';
import { vehicleTables } from '$lib/server/services/sheets/export';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

export const GET: RequestHandler = async ({ params }) => {
	const tables = await vehicleTables(await database(), params.id);
	if (!tables) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return download(await workbook(tables), `${params.id}.xlsx`, XLSX);
};
