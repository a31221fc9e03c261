import { coverAsked } from '$lib/server/cover-asked';
import { workbook } from '$lib/server/documents/workbooks/write';
import { download } from '$lib/server/download';
import { COVER_TABLES } from '$lib/server/services/cover/tables';
import { cover } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** Every table of the cover in one workbook. */
export const GET: RequestHandler = async ({ url }) => {
	const tables = [];
	for (const make of Object.values(COVER_TABLES))
		tables.push(await make((question, ...asked) => cover.ask(question, ...asked), coverAsked(url)));
	return download(await workbook(tables), 'cover.xlsx', XLSX);
};
