import { statSync } from 'node:fs';
import { request } from 'node:http';
import { join } from 'node:path';
import { createAccount, signIn } from '../src/lib/server/access/accounts';
import { ROLE_IDS, type Role } from '../src/lib/server/access/roles';
import { isAllowed, ROUTES } from '../src/lib/server/access/routes';
import { DATABASE_FILE } from '../src/lib/server/db/where';
import { freePort, type Served } from '../tests/support/served';
import { ask, demoFolder, inside, send, VEHICLE, whileServed, type Effort, type Outcome } from './support';

const PASSWORD = 'a long enough one';
const NOW = () => new Date().toISOString();

/** Gives everybody an account and signs them in; tokens by role. */
async function everybody(folder: string): Promise<Record<Role, string>> {
	return inside(folder, async (db) => {
		const tokens: Partial<Record<Role, string>> = {};
		for (const role of ROLE_IDS) {
			const name = `The ${role}`;
			const made = await createAccount(db, { name, role, password: PASSWORD }, NOW());
			const token = await signIn(db, { name, password: PASSWORD, device: 'torture' }, NOW());
			if (!made.ok || !token.ok) throw new Error('An account could not be made.');
			tokens[role] = token.value;
		}
		return tokens as Record<Role, string>;
	});
}

const PLACES: Readonly<Record<string, string>> = {
	'[id]': VEHICLE,
	'[[socket]]': 'stop-L',
	'[[channel]]': '',
	'[kit]': 'NOBODY',
	'[paper]': 'kit-sheet',
	'[table]': 'products',
	'[item]': 'GL-P21-RD',
	'[job]': 'nobody',
	'[code]': 'NOBODY',
	'[...path]': 'openapi.json'
};

const pathOf = (route: string) =>
	Object.entries(PLACES)
		.reduce((path, [name, value]) => path.replace(name, value), route)
		.replace(/(?<=.)\/$/, '');

/** True where the door let a request through, whatever the room behind it said. */
const wasLetIn = ({ status, headers }: { status: number; headers: Headers }) =>
	status !== 401 && status !== 403 && !(status === 303 && (headers.get('location') ?? '').includes('sign-in?to'));

/** Every route and action, as nobody and in every role, against the table of who may do what. */
async function routeByRole(
	served: Served,
	{ tokens, effort }: { tokens: Record<Role, string>; effort: Effort },
	wrong: string[]
): Promise<number> {
	let tried = 0;
	const shown = new Set<string>();
	const people: (Role | null)[] = [null, ...ROLE_IDS];
	for (const [route, { write }] of Object.entries(ROUTES)) {
		// Leaving would end the session the next one needs.
		if (route === '/sign-in' || route === '/settings/account') continue;
		const actions = write === undefined || typeof write === 'string' ? [null] : Object.keys(write);
		const asked = [{ method: 'GET', action: null }, ...actions.map((action) => ({ method: 'POST', action }))];
		for (const role of people)
			for (const { method, action } of asked) {
				const headers: Record<string, string> = {
					...(role ? { cookie: `rotalux-session=${tokens[role]}` } : {}),
					...(method === 'POST' ? { accept: 'application/json', 'x-sveltekit-action': 'true' } : {})
				};
				const expected = isAllowed(role, { route, method, action });
				// In the short run a page that may be looked at is shown once: to whom is the door's matter, not the page's.
				if (effort < 1 && method === 'GET' && expected && shown.has(route)) continue;
				if (method === 'GET' && expected) shown.add(route);
				const path = pathOf(route) + (action ? `?/${action}` : '');
				// Heavy pages are let in or not before they are worked out; a form without fields changes nothing.
				const body = method === 'POST' ? { body: new URLSearchParams({}) } : {};
				const answer = await ask(served, path, { method, headers, ...body });
				tried += 1;
				if (wasLetIn(answer) !== expected)
					wrong.push(
						`${method} ${path} as ${role ?? 'nobody'}: ${answer.status}, though it ${expected ? 'may' : 'may not'}`
					);
			}
	}
	return tried;
}

/** A request with any host and origin, which a browser would not let a script set. */
function raw(
	{ port }: Served,
	{ path, method = 'GET', headers }: { path: string; method?: string; headers: Record<string, string> }
): Promise<number> {
	return new Promise((resolve, reject) => {
		const sent = request({ host: '127.0.0.1', port, path, method, headers }, (answer) => {
			answer.resume();
			answer.on('end', () => resolve(answer.statusCode ?? 0));
		});
		sent.on('error', reject);
		sent.end(method === 'GET' ? undefined : '{}');
	});
}

/** Pages led here under another name, forms and data from other sites. */
async function strangers(served: Served, token: string, wrong: string[]): Promise<number> {
	const cookie = `rotalux-session=${token}`;
	const own = served.address.replace('http://', '');
	const cases: { path: string; method?: string; headers: Record<string, string>; status: number }[] = [
		{ path: '/', headers: { host: 'elsewhere.example', cookie }, status: 403 },
		{
			path: '/',
			headers: { host: own, cookie, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' },
			status: 403
		},
		...[
			'application/json',
			'text/plain',
			'application/x-www-form-urlencoded',
			'multipart/form-data; boundary=b'
		].flatMap((type) =>
			['POST', 'PUT', 'PATCH', 'DELETE'].map((method) => ({
				path: `/vehicles/${VEHICLE}/record`,
				method,
				headers: { host: own, cookie, origin: 'http://elsewhere.example', 'content-type': type, 'content-length': '2' },
				status: 403
			}))
		),
		{
			path: '/settings?/policy',
			method: 'POST',
			headers: { host: own, cookie, 'sec-fetch-site': 'same-site', 'content-length': '2' },
			status: 403
		}
	];
	for (const { status, ...one } of cases) {
		const found = await raw(served, one);
		if (found !== status) wrong.push(`${one.method ?? 'GET'} ${one.path} ${JSON.stringify(one.headers)}: ${found}`);
	}
	return cases.length;
}

const GUARDS: Readonly<Record<string, RegExp>> = {
	'content-security-policy': /script-src[^;]*'nonce-(?!.*script-src[^;]*unsafe-inline)/,
	'x-content-type-options': /nosniff/,
	'x-frame-options': /DENY/,
	'referrer-policy': /same-origin|no-referrer/,
	'cache-control': /no-store/
};

/** Headers of private pages, the cookie, the files. */
async function guards(
	served: Served,
	{ folder, token }: { folder: string; token: string },
	wrong: string[]
): Promise<void> {
	const page = await ask(served, '/', { headers: { cookie: `rotalux-session=${token}` } });
	for (const [name, like] of Object.entries(GUARDS))
		if (!like.test(page.headers.get(name) ?? '')) wrong.push(`${name} is ${page.headers.get(name)}`);
	const inline = [...page.text.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>/g)].filter(
		([, more]) => !/nonce=/.test(more ?? '')
	);
	if (inline.length > 0) wrong.push(`${inline.length} scripts stand in the page without a number`);
	const mode = statSync(join(folder, DATABASE_FILE)).mode & 0o777;
	if (mode !== 0o600) wrong.push(`the database file has the mode ${mode.toString(8)}`);
	const entry = await send(served, '/sign-in?/in', { name: 'The counter', password: PASSWORD });
	const cookie = entry.headers.get('set-cookie') ?? '';
	if (!/HttpOnly/i.test(cookie) || !/SameSite=Lax/i.test(cookie)) wrong.push(`the cookie is ${cookie}`);
}

/** Guessing a password, and a code at the customers' door: stopped. */
async function guessing(served: Served, customers: string, wrong: string[]): Promise<void> {
	const tries: number[] = [];
	for (let i = 0; i < 30; i++)
		tries.push((await send(served, '/sign-in?/in', { name: 'The owner', password: `guess ${i} of many` })).status);
	const right = await send(served, '/sign-in?/in', { name: 'The owner', password: PASSWORD });
	if (JSON.parse(right.text).type !== 'failure')
		wrong.push('after thirty wrong passwords the right one was taken at once');
	const door = { address: customers };
	for (const path of ['/', '/kits', '/sign-in', '/health', `/vehicles/${VEHICLE}/walk`, '/settings/people'])
		if ((await ask(door, path)).status !== 404) wrong.push(`the customers' door answers to ${path}`);
	const codes: number[] = [];
	for (let i = 0; i < 14; i++) codes.push((await ask(door, `/k/AAAA-BBBB-${1000 + i}`)).status);
	if (codes.at(-1) !== 429) wrong.push(`fourteen wrong codes were all answered: ${codes.join(' ')}`);
	if ((await ask(door, '/k/x', { method: 'POST', body: 'a' })).status === 200)
		wrong.push("the customers' door takes forms");
}

/** Nobody gets in who may not: routes by role, strangers, headers, guessing, the customers' door. */
export async function doors(effort: Effort): Promise<Outcome> {
	const wrong: string[] = [];
	const folder = demoFolder('doors');
	const tokens = await everybody(folder);
	const customerPort = await freePort();
	let counts = '';
	await whileServed(
		folder,
		async (served) => {
			const tried = await routeByRole(served, { tokens, effort }, wrong);
			const strange = await strangers(served, tokens.owner, wrong);
			await guards(served, { folder, token: tokens.owner }, wrong);
			await guessing(served, `http://127.0.0.1:${customerPort}`, wrong);
			counts = `${tried} requests by route and role, ${strange} from elsewhere, 30 passwords and 14 codes guessed`;
		},
		{ ROTALUX_PUBLIC_PORT: String(customerPort) }
	);
	return { tried: counts, wrong };
}
