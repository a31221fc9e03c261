import { coverAsked } from '$lib/server/cover-asked';
import { dataFolder } from '$lib/server/config';
import { workbook } from '$lib/server/documents/workbooks/write';
import { download } from '$lib/server/download';
import { COVER_TABLES } from '$lib/server/services/cover/tables';
import { askCover } from '$lib/server/workers/cover';
import type { RequestHandler } from './$types';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** Every table of the cover in one workbook. */
export const GET: RequestHandler = async ({ url }) => {
	const tables = [];
	for (const make of Object.values(COVER_TABLES))
		tables.push(await make((question, ...asked) => askCover(dataFolder(), question, ...asked), coverAsked(url)));
	return download(await workbook(tables), 'cover.xlsx', XLSX);
};
