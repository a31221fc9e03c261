import { error } from '@sveltejs/kit';
import { PAPERS, paperOf } from '$lib/server/documents/papers';
import { download } from '$lib/server/download';
import { customerLink } from '$lib/server/customer-link';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	const print = PAPERS[params.paper];
	if (!print) error(404, { message: `There is no paper “${params.paper}”.` });
	const sheet = await kitOr404(params, url);
	const pdf = await print(sheet, paperOf(url), customerLink(url, sheet.code ?? sheet.id));
	return download(pdf, `${params.paper}-${sheet.code ?? sheet.id}.pdf`, 'application/pdf');
};
