import { error, json } from '@sveltejs/kit';
import { helpHtml } from '$lib/server/help/html';
import { helpText } from '$lib/server/help/texts';
import type { RequestHandler } from './$types';

/** One page of the help. */
export const GET: RequestHandler = ({ params }) => {
	const text = helpText(params.topic);
	if (text === null) error(404, { message: `There is no page “${params.topic}” in the help.` });
	return json({ html: helpHtml(text) });
};
