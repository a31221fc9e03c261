import { workbook } from '$lib/server/documents/workbooks/write';
import { download } from '$lib/server/download';
import { stockTables } from '$lib/server/services/sheets/export';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

export const GET: RequestHandler = async () =>
	download(await workbook(await stockTables(await database())), 'stock.xlsx', XLSX);
