import { building } from '$app/environment';
import {
	error,
	redirect,
	type Handle,
	type HandleServerError,
	type RequestEvent,
	type ServerInit
} from '@sveltejs/kit';
import { sequence } from '@sveltejs/kit/hooks';
import { randomUUID } from 'node:crypto';
import { createInitialModeExpression } from 'mode-watcher';
import { resolve } from '$app/paths';
import type { Person } from '$lib/server/access/accounts';
import { hasAccounts } from '$lib/server/access/accounts';
import { tooMuch } from '$lib/server/access/budgets';
import { guardHeaders, isLoopback, ownHosts, strangeCaller } from '$lib/server/access/door';
import { onlyLooks } from '$lib/server/access/methods';
import { overLimit, stillOver } from '$lib/server/access/limits';
import { isAllowed, permissionFor } from '$lib/server/access/routes';
import { PERMISSIONS, ROLES } from '$lib/server/access/roles';
import { whoIs } from '$lib/server/access/who';
import { workplaceOf, type Workplace } from '$lib/server/access/workplace';
import { closeBeside } from '$lib/server/beside';
import { loadDemo } from '$lib/server/demo/load';
import { databaseFailure, Trouble } from '$lib/server/db/failure';
import { log, logFailure } from '$lib/server/log';
import { answeredHere, standAt } from '$lib/server/request-here';
import { closeShop, database, openShop } from '$lib/server/shop';
import { dataFolder } from '$lib/server/config';
import { warmHeavy } from '$lib/server/workers/heavy';

/** A demo that is opened beside a shop begins anew each time. */
async function freshDemo(): Promise<void> {
	const loaded = await loadDemo(dataFolder(), new Date().toISOString());
	if (!loaded.ok) throw new Trouble(loaded.error);
}

/** Opens the database, so that trouble with it shows at start and not at the first customer. */
export const init: ServerInit = async () => {
	if (building) return;
	process.on('sveltekit:shutdown', () => {
		closeBeside();
		void closeShop();
	});
	try {
		if (process.env.ROTALUX_LOAD_DEMO === 'on') await freshDemo();
		await openShop();
		const listens = process.env.HOST ?? '127.0.0.1';
		if (!isLoopback(listens) && !(await hasAccounts(await database())))
			throw new Trouble(
				`Nobody has an account yet, so this server does not listen on ${listens}, where others could reach it. Make the owner first: ./rotalux owner NAME.`
			);
		// Who stops at once need not wait until they are warm.
		warmHeavy(dataFolder()).catch(() => undefined);
	} catch (error) {
		const trouble = databaseFailure(error);
		if (!trouble) throw error;
		process.stderr.write(`${trouble}\n`);
		process.exit(2);
	}
};

/** What customers may look at, and the one thing they may send. */
const CUSTOMER_ROUTES: ReadonlySet<string | null> = new Set(['/k/[code]', '/k/[code]/complaint']);
const CUSTOMER_SENDS = '/k/[code]/complaint';
const [FORBIDDEN, NOT_FOUND, TOO_MANY] = [403, 404, 429];

/** The customers' door is told apart by the server script, which alone can set this. */
const isCustomerDoor = ({ request }: RequestEvent) => request.headers.get('x-rotalux-door') === 'customer';

/** Stops a request at the door: in words, or as the data that a page asked for. */
function refuse(
	{ request, locals }: RequestEvent,
	{ status, words, more = {} }: { status: number; words: string; more?: Record<string, string> }
): Response {
	const asData = request.headers.get('accept')?.startsWith('application/json') ?? false;
	const said = { message: words, kept: 'Nothing was changed.', request: locals.request } satisfies App.Error;
	const headers = {
		'content-type': asData ? 'application/json' : 'text/plain; charset=utf-8',
		...guardHeaders({ isPrivate: true }),
		...more
	};
	return new Response(asData ? JSON.stringify(said) : words, { status, headers });
}

const hosts = ownHosts();

/** Where requests are made before anybody looked. */
const NOWHERE: Workplace = { branch: null, name: null, works: [], role: null };

/** Numbers a request, notes how it went, and says to browsers what they may do with the answer. */
const noted: Handle = async ({ event, resolve: answer }) => {
	event.locals.request = randomUUID().slice(0, 8);
	event.locals.person = null;
	event.locals.guarded = true;
	event.locals.demo = false;
	event.locals.workplace = NOWHERE;
	const began = performance.now();
	const response = await answer(event, {
		transformPageChunk: ({ html }) =>
			html.replace('%rotalux.mode%', createInitialModeExpression({ defaultMode: 'system' }))
	});
	for (const [name, value] of Object.entries(guardHeaders({ isPrivate: true })))
		if (!response.headers.has(name)) response.headers.set(name, value);
	response.headers.set('x-request', event.locals.request);
	log.info(
		{
			request: event.locals.request,
			method: event.request.method,
			path: event.url.pathname,
			status: response.status,
			ms: Math.round(performance.now() - began),
			by: (event.locals.person as Person | null)?.id ?? undefined
		},
		'answered'
	);
	return response;
};

/** A form that cannot be read is said to be, wherever it is read. */
function readsPlainly({ request }: RequestEvent): void {
	const read = request.formData.bind(request);
	request.formData = () =>
		read().catch(() =>
			error(400, { message: 'This form cannot be read: it is broken.', kept: 'Nothing was changed.' })
		);
}

/** Holds every request to where it comes from, and to how often. */
const fromHere: Handle = async ({ event, resolve: answer }) => {
	const { request, url } = event;
	const customer = isCustomerDoor(event);
	const strange = strangeCaller(
		{
			method: request.method,
			host: request.headers.get('host') ?? url.host,
			own: url.origin,
			origin: request.headers.get('origin'),
			site: request.headers.get('sec-fetch-site'),
			mode: request.headers.get('sec-fetch-mode')
		},
		hosts
	);
	if (strange) return refuse(event, { status: FORBIDDEN, words: strange });
	const heavy = tooMuch({
		method: request.method,
		type: request.headers.get('content-type'),
		length: request.headers.get('content-length'),
		chunked: request.headers.has('transfer-encoding')
	});
	if (heavy) return refuse(event, heavy);
	readsPlainly(event);
	const looks = onlyLooks(request.method);
	if (customer && (looks ? !CUSTOMER_ROUTES.has(event.route.id) : event.route.id !== CUSTOMER_SENDS))
		return refuse(event, { status: NOT_FOUND, words: 'There is nothing at this address.' });
	const limit = customer ? 'customer' : onlyLooks(request.method) ? null : 'change';
	const address = event.getClientAddress();
	const wait = (limit && (await overLimit(limit, address))) ?? (customer ? await stillOver('guess', address) : null);
	return wait
		? refuse(event, {
				status: TOO_MANY,
				words: 'Too many requests from here: wait a moment and try again.',
				more: { 'retry-after': String(wait) }
			})
		: guessed(customer, address, await answer(event));
};

/** Counts a code that nobody released, at the customers' door. */
async function guessed(customer: boolean, address: string, response: Response): Promise<Response> {
	if (customer && response.status === NOT_FOUND) await overLimit('guess', address);
	return response;
}

const actionOf = (url: URL) => [...url.searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1) ?? null;

/** What says how the server stands: it answers also when the database does not. */
const WATCHED: ReadonlySet<string | null> = new Set(['/health', '/ready']);

/** Lets in whoever may make this request. */
const allowed: Handle = async ({ event, resolve: answer }) => {
	const isWatched = WATCHED.has(event.route.id) && onlyLooks(event.request.method);
	if (isCustomerDoor(event) || event.route.id === null || isWatched) return answer(event);
	const { person, guarded, demo } = await whoIs(await database(), event.cookies, new Date().toISOString());
	const workplace = await workplaceOf(await database(), { person, cookies: event.cookies, params: event.params });
	const { branch, role } = workplace;
	event.locals.person = person && role && { ...person, role };
	event.locals.guarded = guarded;
	event.locals.demo = demo;
	event.locals.workplace = workplace;
	const asked = { route: event.route.id, method: event.request.method, action: actionOf(event.url) };
	if (isAllowed(role, asked)) {
		standAt(branch);
		return answer(event);
	}
	const wanted = permissionFor(asked);
	if (person === null && onlyLooks(asked.method) && !event.isDataRequest)
		redirect(303, `${resolve('/sign-in')}?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
	if (person === null)
		error(401, { message: 'Nobody is signed in here any more.', kept: 'Sign in in another tab, then send it again.' });
	const what = wanted && wanted !== 'open' ? PERMISSIONS[wanted] : 'do this';
	const at = workplace.name === null ? '' : ` of ${workplace.name}`;
	error(403, {
		message: `As ${ROLES[role ?? 'visitor'].label}${at} you may not ${what}.`,
		kept: 'Nothing was changed. Ask the owner of the shop.'
	});
};

/** Everything below is about one request. */
const oneRequest: Handle = ({ event, resolve: answer }) =>
	answeredHere({ onlyLooks: onlyLooks(event.request.method) }, () => answer(event));

export const handle: Handle = sequence(noted, fromHere, oneRequest, allowed);

/** An unexpected failure: one sentence for the person, the whole of it for the log. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const { request } = event.locals;
	const trouble = databaseFailure(error);
	if (trouble) return { message: trouble, kept: 'What you typed is still in the form if you go back.', request };
	logFailure({ request, method: event.request.method, path: event.url.pathname, status }, error);
	return status === 404
		? { message: 'There is nothing at this address.', kept: 'Nothing was changed.', request }
		: { message: `Something went wrong here (${message}).`, kept: 'What was saved before is kept.', request };
};
