import { HELP_TOPICS } from '$lib/client/help-topics';
import { manual } from '$lib/server/documents/pdf/manual';
import { paperOf } from '$lib/server/documents/papers';
import { helpText } from '$lib/server/help/texts';
import type { RequestHandler } from './$types';

/** The help as a small manual to print. */
export const GET: RequestHandler = async ({ url }) => {
	const pages = HELP_TOPICS.map(({ topic, title }) => ({ title, markdown: helpText(topic) ?? '' }));
	const file = await manual(pages, paperOf(url));
	return new Response(new Uint8Array(file), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="rotalux-manual.pdf"' }
	});
};
