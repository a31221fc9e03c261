import type { RequestHandler } from '@sveltejs/kit';
import { overLimit } from '$lib/server/access/limits';
import { goodToken } from '$lib/server/access/tokens';
import { openApi } from '$lib/server/api/openapi';
import { refused, serve, type Answered } from '$lib/server/api/serve';
import { logFailure } from '$lib/server/log';
import { shopDay } from '$lib/server/shop-time';
import { counterLog, database, kitContext } from '$lib/server/shop';
import { vinService } from '$lib/server/stand-ins/vin';

const say = ({ status, body }: Answered, headers: Record<string, string> = {}): Response =>
	Response.json(body, { status, headers: { 'cache-control': 'no-store', ...headers } });

/** Answers programs: see `server/api`. */
export const GET: RequestHandler = async ({ params, url, request, locals, getClientAddress }) => {
	const path = `/${params.path ?? ''}`;
	if (path === '/openapi.json') return say({ status: 200, body: openApi(`${url.origin}/api/v1`) });
	const now = new Date().toISOString();
	try {
		const db = await database();
		const token = await goodToken(db, request.headers.get('authorization'), now);
		const wait = await overLimit(token ? 'program' : 'entry', token ? `token ${token.id}` : getClientAddress());
		if (wait) return say(refused('too-many', 'Too many requests: wait a moment.'), { 'retry-after': String(wait) });
		if (!token) return say(refused('no-token', 'Say who asks: authorization: Bearer TOKEN.'));
		return say(
			await serve(
				{ path, search: url.searchParams, scopes: token.scopes },
				{
					db,
					kits: kitContext,
					vin: vinService(),
					now,
					asked: (vehicle, answers) => counterLog.noteAsked(db, { vehicle, answers }, shopDay(now))
				}
			)
		);
	} catch (error) {
		logFailure({ request: locals.request, method: 'GET', path: url.pathname, status: 500 }, error);
		return say(refused('failed', 'Something went wrong here.'));
	}
};
