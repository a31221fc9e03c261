import { HELP_TOPICS } from '$lib/client/help-topics';
import { manual, picturesIn, type ManualPage } from '$lib/server/documents/pdf/manual';
import { paperOf } from '$lib/server/documents/papers';
import { helpText, pictureFile, pictureName } from '$lib/server/help/texts';
import type { RequestHandler } from './$types';

async function pageOf({ topic, title }: (typeof HELP_TOPICS)[number]): Promise<ManualPage> {
	const markdown = helpText(topic) ?? '';
	const pictures = await Promise.all(
		picturesIn(markdown).map(async (href) => [href, await pictureFile(pictureName(href))] as const)
	);
	return { title, markdown, pictures: new Map(pictures.flatMap(([href, file]) => (file ? [[href, file]] : []))) };
}

/** The help as a small manual to print. */
export const GET: RequestHandler = async ({ url }) => {
	const file = await manual(await Promise.all(HELP_TOPICS.map(pageOf)), paperOf(url));
	return new Response(new Uint8Array(file), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="rotalux-manual.pdf"' }
	});
};
