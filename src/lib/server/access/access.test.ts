import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../tests/support/database';
import {
	changeAccount,
	changeOwnPassword,
	createAccount,
	hasAccounts,
	makeBayCode,
	personOfToken,
	signIn,
	signInByCode,
	signOut
} from './accounts';
import { guardHeaders, isLoopback, ownHosts, strangeCaller } from './door';
import { overLimit } from './limits';
import { isAllowed, permissionFor, refusedOn, ROUTES } from './routes';
import { ROLE_IDS } from './roles';
import { accessTable } from './table';

const NOW = '2026-11-27T10:00:00.000Z';
const at = (minutes: number) => new Date(Date.parse(NOW) + minutes * 60_000).toISOString();
const GOOD = 'a long enough one';

/** Routes by their files, with the names of their form actions and their methods. */
function routesOnDisk(): Map<string, Set<string>> {
	const found = new Map<string, Set<string>>();
	const files = readdirSync('src/routes', { recursive: true, encoding: 'utf8' });
	for (const file of files.filter((name) => /(^|\/)\+(page\.svelte|page\.server\.ts|server\.ts)$/.test(name))) {
		const route = `/${file.replace(/\/?\+[^/]*$/, '')}`;
		const own = found.get(route) ?? new Set<string>();
		found.set(route, own);
		const text = readFileSync(`src/routes/${file}`, 'utf8');
		const actions = /export const actions: Actions = \{([\s\S]*)\n\};/.exec(text)?.[1] ?? '';
		for (const [, name] of actions.matchAll(/^\t(\w+):/gm)) own.add(`POST ${name === 'default' ? '' : name}`.trim());
		for (const [, method] of text.matchAll(/export (?:const|(?:async )?function) (GET|POST|PUT|PATCH|DELETE)\b/g))
			own.add(`${method}`);
		if (file.endsWith('.svelte')) own.add('GET');
	}
	return found;
}

describe('routes', () => {
	const disk = routesOnDisk();

	it('every route has its rule, and no rule is of a route there is not', () => {
		expect(Object.keys(ROUTES).sort()).toEqual([...disk.keys()].sort());
	});

	it('every method and every action of every route asks for something, and nothing else is let in', () => {
		for (const [route, asked] of disk)
			for (const one of asked) {
				const [method = '', action = null] = one.split(' ');
				expect(permissionFor({ route, method, action }), `${one} ${route}`).not.toBeNull();
			}
		for (const route of disk.keys())
			for (const action of ['constructor', '__proto__', 'zonk'])
				for (const role of ROLE_IDS)
					if (typeof ROUTES[route]?.write !== 'string')
						expect(isAllowed(role, { route, method: 'POST', action })).toBe(false);
		expect(isAllowed('owner', { route: '/nowhere', method: 'GET', action: null })).toBe(false);
		expect(isAllowed('owner', { route: null, method: 'GET', action: null })).toBe(false);
	});

	it('nobody who is not signed in gets further than the door', () => {
		const open = Object.keys(ROUTES).filter((route) => isAllowed(null, { route, method: 'GET', action: null }));
		expect(open).toEqual(['/health', '/ready', '/sign-in', '/api/v1/[...path]']);
	});

	it('a page says beforehand what would be refused, and who may', () => {
		for (const [route, asked] of disk)
			for (const one of asked) {
				const [method = '', action = null] = one.split(' ');
				if (method !== 'POST') continue;
				for (const role of ROLE_IDS) {
					const refused = refusedOn(route, role);
					const words = refused[action ?? 'default'] ?? refused['*'];
					expect(words === undefined, `${role} ${one} ${route}`).toBe(isAllowed(role, { route, method, action }));
				}
			}
		expect(refusedOn('/stock/[item]', 'counter')).toEqual({ '*': 'the owner or fitment specialist' });
		expect(refusedOn('/cover/kits', 'workshop')).toEqual({
			queue: 'the owner, fitment specialist or counter',
			drop: 'the owner, fitment specialist or counter'
		});
		expect([refusedOn('/cover', 'visitor'), refusedOn('/nowhere', 'visitor'), refusedOn(null, 'owner')]).toEqual([
			{},
			{},
			{}
		]);
	});

	it('docs/roles.md says it as it is', () => {
		if (process.env.WRITE_DOCS) writeFileSync('docs/roles.md', accessTable());
		expect(readFileSync('docs/roles.md', 'utf8')).toBe(accessTable());
	});
});

describe('where a request comes from', () => {
	const hosts = ownHosts({ HOST: '192.168.1.5', ORIGIN: 'https://shop.example', ROTALUX_HOSTS: 'desk.local' });
	const own = 'http://127.0.0.1:4173';
	const call = (more: object) =>
		strangeCaller(
			{ method: 'POST', host: '127.0.0.1:4173', own, origin: own, site: 'same-origin', mode: 'cors', ...more },
			hosts
		);

	it.each<[string, object, boolean]>([
		['a form of the own page', {}, true],
		['the machine by its name', { host: 'desk.local:4173' }, true],
		['the public name', { host: 'shop.example' }, true],
		['a program without a browser', { origin: null, site: null }, true],
		['another name led here', { host: 'evil.example' }, false],
		['a form of another site, whatever its type', { origin: 'http://evil.example' }, false],
		['a sandboxed page', { origin: 'null' }, false],
		['a foreign request without an origin', { origin: null, site: 'cross-site' }, false],
		['a sibling port', { origin: 'http://127.0.0.1:9999' }, false],
		['a link from elsewhere', { method: 'GET', origin: null, site: 'cross-site', mode: 'navigate' }, true],
		[
			'a script of another site that reads',
			{ method: 'GET', origin: null, site: 'cross-site', mode: 'no-cors' },
			false
		],
		['a deletion from elsewhere', { method: 'DELETE', origin: 'http://evil.example' }, false]
	])('%s', (_, more, fine) => expect(call(more) === null).toBe(fine));

	it('knows what only this machine reaches', () => {
		expect(['127.0.0.1', '127.9.9.9', 'localhost', '::1'].every(isLoopback)).toBe(true);
		expect(['0.0.0.0', '192.168.1.5', 'shop.example', '127.evil.example'].some(isLoopback)).toBe(false);
		expect(guardHeaders({ isPrivate: true })).toMatchObject({
			'x-content-type-options': 'nosniff',
			'cache-control': 'no-store'
		});
	});
});

describe('accounts', () => {
	async function shop() {
		const { db } = await freshDatabase();
		const made = await createAccount(db, { name: 'Anna Holm', role: 'owner', password: GOOD }, NOW);
		return { db, id: made.ok ? made.value : 0 };
	}

	it('the first is an owner, names are one of a kind, passwords have ten characters', async () => {
		const { db } = await freshDatabase();
		expect(await hasAccounts(db)).toBe(false);
		const tries = [
			{ name: 'A', role: 'counter', password: GOOD },
			{ name: '', role: 'owner', password: GOOD },
			{ name: 'A', role: 'owner', password: 'short' },
			{ name: 'A', role: 'constructor', password: GOOD }
		];
		for (const one of tries) expect((await createAccount(db, one, NOW)).ok).toBe(false);
		expect((await createAccount(db, { name: 'A', role: 'owner', password: GOOD }, NOW)).ok).toBe(true);
		expect((await createAccount(db, { name: 'a ', role: 'counter', password: GOOD }, NOW)).ok).toBe(false);
	});

	it('signs in and out, and keeps neither password nor token', async () => {
		const { db, id } = await shop();
		const token = await signIn(db, { name: 'Anna Holm', password: GOOD, device: 'test' }, NOW);
		const value = token.ok ? token.value : '';
		expect(await personOfToken(db, value, at(1))).toEqual({ id, name: 'Anna Holm', role: 'owner' });
		const kept = JSON.stringify([await db('accounts'), await db('sessions')]);
		expect(kept).toContain('$argon2id$');
		expect(kept.includes(GOOD) || kept.includes(value)).toBe(false);
		expect(await personOfToken(db, value, at(31 * 24 * 60))).toBeNull();
		await signOut(db, value);
		expect(await personOfToken(db, value, at(1))).toBeNull();
		expect(await personOfToken(db, '', NOW)).toBeNull();
	});

	it('five wrong passwords lock an account for a quarter of an hour, the right one included', async () => {
		const { db } = await shop();
		const enter = (password: string, minutes: number) =>
			signIn(db, { name: 'Anna Holm', password, device: '' }, at(minutes));
		for (let n = 0; n < 5; n++) expect((await enter('wrong', 0)).ok).toBe(false);
		expect(await enter(GOOD, 14)).toEqual({ ok: false, error: expect.stringContaining('quarter of an hour') });
		expect((await enter(GOOD, 16)).ok).toBe(true);
	});

	it('another password, another role or a closed account end every session; one owner stays', async () => {
		const { db, id } = await shop();
		const enter = async () => {
			const done = await signIn(db, { name: 'Anna Holm', password: GOOD, device: '' }, NOW);
			return done.ok ? done.value : '';
		};
		expect(await changeAccount(db, id, { role: 'counter' })).toEqual({
			ok: false,
			error: expect.stringContaining('One owner')
		});
		expect((await changeAccount(db, id, { closed: true })).ok).toBe(false);
		await createAccount(db, { name: 'Bo', role: 'owner', password: GOOD }, NOW);
		const first = await enter();
		expect((await changeAccount(db, id, { role: 'specialist' })).ok).toBe(true);
		expect(await personOfToken(db, first, NOW)).toBeNull();
		const second = await enter();
		expect((await changeOwnPassword(db, id, { old: 'wrong', password: 'another long one' })).ok).toBe(false);
		expect(await personOfToken(db, second, NOW)).toMatchObject({ role: 'specialist' });
		expect((await changeOwnPassword(db, id, { old: GOOD, password: 'another long one' })).ok).toBe(true);
		expect(await personOfToken(db, second, NOW)).toBeNull();
		expect((await changeAccount(db, id, { closed: true })).ok).toBe(true);
		expect((await signIn(db, { name: 'Anna Holm', password: 'another long one', device: '' }, NOW)).ok).toBe(false);
	});

	it('a code signs one tablet in, once, within ten minutes', async () => {
		const { db, id } = await shop();
		const code = await makeBayCode(db, id, NOW);
		expect(code).toMatch(/^\d{8}$/);
		const first = await signInByCode(db, { code: `${code.slice(0, 4)} ${code.slice(4)}`, device: 'tablet' }, at(9));
		expect(first.ok && (await personOfToken(db, first.value, at(9)))?.name).toBe('Anna Holm');
		expect((await signInByCode(db, { code, device: 'tablet' }, at(9))).ok).toBe(false);
		const late = await makeBayCode(db, id, NOW);
		expect((await signInByCode(db, { code: late, device: 'tablet' }, at(11))).ok).toBe(false);
	});

	it('the demo has none, and loading it again asks for none', async () => {
		expect(await hasAccounts((await demoDatabase()).db)).toBe(false);
	});
});

describe('how often', () => {
	it('an address that guesses codes has to wait, and others do not', async () => {
		const own = `test-${Math.random()}`;
		for (let n = 0; n < 10; n++) expect(await overLimit('guess', own)).toBeNull();
		expect(await overLimit('guess', own)).toBeGreaterThan(0);
		expect(await overLimit('guess', `${own}-other`)).toBeNull();
	});
});
