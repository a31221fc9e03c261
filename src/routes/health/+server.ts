import { text } from '@sveltejs/kit';
import { database } from '$lib/server/shop';

/** Answers when the database does. */
export async function GET(): Promise<Response> {
	await (await database()).raw('select 1');
	return text('ok');
}
