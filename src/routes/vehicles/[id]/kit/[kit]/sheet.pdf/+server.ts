import { kitSheetPdf } from '$lib/server/documents/kit-sheet-pdf';
import { download } from '$lib/server/download';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	const sheet = await kitOr404(params);
	const paper = url.searchParams.get('paper') === 'letter' ? 'LETTER' : 'A4';
	return download(await kitSheetPdf(sheet, paper), `kit-${sheet.code ?? sheet.id}.pdf`, 'application/pdf');
};
