import { kitTable } from '$lib/core/exchange';
import { csv } from '$lib/server/documents/csv';
import { download } from '$lib/server/download';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	const { answer, code, id } = await kitOr404(params, url);
	return download(csv(kitTable(answer.lines)), `kit-${code ?? id}.csv`, 'text/csv; charset=utf-8');
};
