import { kitTable } from '$lib/core/exchange';
import { workbook } from '$lib/server/documents/workbooks/write';
import { download } from '$lib/server/download';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { RequestHandler } from './$types';

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

export const GET: RequestHandler = async ({ params, url }) => {
	const { answer, code, id } = await kitOr404(params, url);
	return download(await workbook([kitTable(answer.lines)]), `kit-${code ?? id}.xlsx`, XLSX);
};
