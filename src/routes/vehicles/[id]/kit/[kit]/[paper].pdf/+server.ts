import { error } from '@sveltejs/kit';
import { paperNamed, paperOf } from '$lib/server/documents/papers';
import { download } from '$lib/server/download';
import { customerLink } from '$lib/server/customer-link';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	const paper = paperNamed(params.paper);
	if (!paper) error(404, { message: `There is no paper “${params.paper}”.` });
	const sheet = await kitOr404(params, url);
	const pdf = await paper.print(sheet, paperOf(url), customerLink(url, sheet.code ?? sheet.id));
	return download(pdf, `${paper.name}-${sheet.code ?? sheet.id}.pdf`, 'application/pdf');
};
