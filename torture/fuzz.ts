import { gzipSync } from 'node:zlib';
import { ROUTES } from '../src/lib/server/access/routes';
import { dumpOf } from '../tests/support/dump';
import { ask, cli, demoFolder, inside, scratch, VEHICLE, whileServed, type Effort, type Outcome } from './support';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';

const SLOW_MS = 20_000;

const NASTY = [
	'__proto__',
	'constructor',
	'prototype',
	'valueOf',
	'toString',
	'hasOwnProperty',
	'..',
	'%2e%2e%2f',
	'%00',
	'a\u0000b',
	'\u202Eright to left',
	'💡🚗',
	'Ж фара 車',
	'<script>alert(1)</script>',
	`'"; DROP TABLE kits; --`,
	'${7*7}{{7*7}}',
	'1e999',
	'-1',
	'NaN',
	'null',
	'undefined',
	'[]',
	'{}',
	' ',
	'0x41',
	'A'.repeat(4000),
	'%',
	'"*" OR NEAR(a b)',
	'a'.repeat(80) + '\\'
] as const;

const pick = <T>(list: readonly T[]): T => list[Math.floor(Math.random() * list.length)] as T;

/** An address of a route with something nasty in its place, or something real. */
function addressOf(route: string): string {
	const path = route
		.replace('[[socket]]', () => (Math.random() < 0.3 ? 'stop-L' : encodeURIComponent(pick(NASTY))))
		.replace('[[channel]]', () => encodeURIComponent(pick(NASTY)))
		.replaceAll(/\[(\w+)\]/g, (_, name: string) =>
			name === 'id' && Math.random() < 0.7 ? VEHICLE : encodeURIComponent(pick(NASTY))
		);
	const names = ['q', 'c', 'why', 'by', 'page', 'view', 'with', 'product', 'f', 'rows', 'kit', 'revision', pick(NASTY)];
	const query = Array.from({ length: Math.floor(Math.random() * 4) }, () =>
		[pick(names), pick(NASTY)].map(encodeURIComponent).join('=')
	);
	return path + (query.length > 0 ? `?${query.join('&')}` : '');
}

/** Values of any kind, nested a little. */
function anyValue(depth = 0): unknown {
	const kinds = [
		() => pick(NASTY),
		() => Math.random() * 1e6 - 5e5,
		() => null,
		() => true,
		() => Number.MAX_SAFE_INTEGER,
		() => [],
		() => ({}),
		...(depth < 3
			? [
					() => Array.from({ length: 3 }, () => anyValue(depth + 1)),
					() => Object.fromEntries(Array.from({ length: 3 }, () => [pick(NASTY), anyValue(depth + 1)]))
				]
			: [])
	];
	return pick(kinds)();
}

const KINDS = [
	'add-line',
	'absent',
	'claim',
	'settle',
	'place',
	'remove',
	'order',
	'channel',
	'flasher',
	'identity',
	'sister'
];

function anyCommand(): string {
	const subject = {
		kind: pick(['socket', 'vehicle', 'channel', 'flasher', '__proto__']),
		id: pick(['stop-L', ...NASTY])
	};
	const command = {
		kind: pick(KINDS),
		subject,
		facts: { [pick(['lens', 'envelope.frontDiameter', ...NASTY])]: anyValue() },
		fact: pick(['lens', 'category', ...NASTY]),
		value: anyValue(),
		line: pick(NASTY),
		place: anyValue(),
		socket: pick(['stop-L', ...NASTY]),
		sockets: [pick(NASTY)],
		channel: anyValue(),
		flasher: anyValue(),
		identity: anyValue(),
		from: pick(NASTY),
		absent: true,
		source: pick(['in-hand', 'manual', '__proto__'])
	};
	return JSON.stringify({ base: pick([0, 1_000_000_000, -1, 'x']), command });
}

/** Bodies that are heavy or broken rather than odd. */
const BODIES: readonly (() => { body: string | Uint8Array; type: string })[] = [
	() => ({ body: '['.repeat(400_000), type: 'application/json' }),
	() => ({ body: `{"a":`.repeat(100_000), type: 'application/json' }),
	() => ({ body: `{"__proto__":{"polluted":true},"base":0,"command":{"kind":"mirror"}}`, type: 'application/json' }),
	() => ({ body: 'a=b&'.repeat(240_000), type: 'application/x-www-form-urlencoded' }),
	() => ({ body: 'x'.repeat(2_000_000), type: 'text/plain' }),
	() => ({ body: gzipSync(Buffer.alloc(1_000_000)), type: 'multipart/form-data; boundary=nowhere' }),
	() => ({
		body: '--b\r\ncontent-disposition: form-data; name="file"; filename="../../x.json"\r\n\r\n{}\r\n--b--',
		type: 'multipart/form-data; boundary=b'
	})
];

function wrongIn(what: string, { status, ms }: { status: number; ms: number }, wrong: string[]): void {
	if (status >= 500) wrong.push(`${what} was answered ${status}`);
	if (ms > SLOW_MS) wrong.push(`${what} took ${Math.round(ms)} ms`);
}

/** Files that no shop has, by the command line: one sentence each, never a crash. */
async function files(effort: Effort, wrong: string[]): Promise<number> {
	const folder = demoFolder('files');
	const at = scratch('files');
	const texts = [
		'['.repeat(1_000_000),
		'{"format":"rotalux/1","configurations":[' + '{"a":'.repeat(50_000),
		JSON.stringify({
			format: 'rotalux/1',
			configurations: [{ id: '__proto__', make: 'A', model: 'B', kind: 'car', market: 'UN', sockets: [], channels: [] }]
		}),
		'{"format":"rotalux/1","__proto__":{"polluted":1},"products":[{"id":"constructor"}]}',
		'{"format":"rotalux/1","products":{"length":1e9}}',
		'\uFEFF{"format":"rotalux/1","kits":[null,1,"x",[],{}]}',
		'{"format":"__proto__"}',
		''
	];
	const count = Math.min(texts.length, 3 + Math.ceil(effort));
	const before = await inside(folder, dumpOf);
	for (const [i, text] of texts.slice(0, count).entries()) {
		const file = join(at, `odd-${i}.json`);
		writeFileSync(file, text);
		const { status, stderr } = cli(folder, 'import', file);
		if (status !== 2 || /\n\s+at /.test(stderr)) wrong.push(`file ${i} ended with ${status}: ${stderr.slice(0, 160)}`);
	}
	if ((await inside(folder, dumpOf)) !== before) wrong.push('a file that was refused has changed something');
	return count;
}

/** Names in any alphabet: every page of such a vehicle opens, by the links of the pages themselves. */
async function alphabets(wrong: string[]): Promise<void> {
	const folder = demoFolder('alphabets');
	const file = join(folder, 'letters.json');
	const id = `車 Ж&"<1>'=💡`;
	const socket = { id: `左 ;@:$,'`, zone: 'rear', side: 'left', index: 1, functions: ['stop'], category: 'P21W' };
	const vehicle = { id, make: 'Ж', model: '車', kind: 'car', market: 'UN', sockets: [socket], channels: [] };
	writeFileSync(file, JSON.stringify({ format: 'rotalux/1', configurations: [vehicle] }));
	const taken = cli(folder, 'import', file);
	if (taken.status !== 0) wrong.push(`letters of other alphabets were not taken: ${taken.stderr}`);
	await whileServed(folder, async (served) => {
		const walk = `/vehicles/${encodeURIComponent(id)}/walk/${encodeURIComponent(socket.id)}`;
		const page = await ask(served, walk);
		const links = [...page.text.matchAll(/href="([^"]*)"/g)]
			.map(
				([, link]) =>
					new URL(
						(link ?? '').replaceAll('&amp;', '&').replaceAll('&quot;', '"').replaceAll('&lt;', '<'),
						served.address + walk
					)
			)
			.filter(({ href }) => href.startsWith(served.address) && href.includes(encodeURIComponent('車')));
		if (page.status !== 200 || links.length < 5)
			wrong.push(`the page of ${id} is ${page.status}, with ${links.length} links`);
		for (const { pathname, search } of links) {
			const { status } = await ask(served, pathname + search);
			if (status >= 400) wrong.push(`${pathname} is answered ${status}`);
		}
	});
}

/** Requests that no page makes: none crashes the server, none is answered 500, none that is refused changes anything. */
export async function fuzz(effort: Effort): Promise<Outcome> {
	const wrong: string[] = [];
	const folder = demoFolder('fuzz');
	const routes = Object.keys(ROUTES);
	const requests = Math.ceil(300 * effort);
	await whileServed(folder, async (served) => {
		const one = async (i: number): Promise<void> => {
			const path = addressOf(pick(routes));
			const kind = i % 4;
			if (kind < 2) return wrongIn(`GET ${path}`, await ask(served, path), wrong);
			if (kind === 2) {
				const body = anyCommand();
				const answer = await ask(served, `/vehicles/${VEHICLE}/record`, {
					method: 'POST',
					headers: { 'content-type': 'application/json' },
					body
				});
				return wrongIn(`the command ${body.slice(0, 300)}`, answer, wrong);
			}
			const fields = new URLSearchParams(Array.from({ length: 4 }, () => [pick(NASTY), pick(NASTY)]));
			for (const name of ['name', 'order', 'socket', 'product', 'saw', 'base', 'was', 'code', 'budget'])
				if (Math.random() < 0.4) fields.set(name, pick(NASTY));
			const action = pick([
				'',
				'?/start',
				'?/save',
				'?/settle',
				'?/policy',
				'?/assumptions',
				'?/person',
				'?/__proto__',
				'?/in'
			]);
			const target = path.replace(/\?.*/, '') + action;
			const answer = await ask(served, target, {
				method: 'POST',
				headers: { accept: 'application/json', 'x-sveltekit-action': 'true' },
				body: fields
			});
			wrongIn(`POST ${target} ${fields.toString().slice(0, 200)}`, answer, wrong);
		};
		for (let i = 0; i < requests; i += 8) await Promise.all(Array.from({ length: 8 }, (_, k) => one(i + k)));
		for (const make of BODIES) {
			const { body, type } = make();
			for (const path of [`/vehicles/${VEHICLE}/record`, '/vehicles/import', '/settings?/policy']) {
				const init = { method: 'POST', headers: { 'content-type': type }, body: body as BodyInit };
				const answer = await ask(served, path, init).catch(() => ({ status: 413, ms: 0 }));
				wrongIn(`${type} of ${body.length} to ${path}`, answer, wrong);
			}
		}
		if ((await ask(served, '/ready')).status !== 200) wrong.push('the server was not ready afterwards');
		if (/\n\s+at /.test(served.said())) wrong.push(`the log holds a failure: ${served.said().slice(0, 1500)}`);
	});
	const readBack = cli(folder, 'export');
	writeFileSync(join(folder, 'back.json'), readBack.stdout);
	const checked = cli(folder, 'check', join(folder, 'back.json'));
	if (checked.status !== 0) wrong.push(`the export does not read back: ${checked.stdout.slice(0, 400)}`);
	const odd = await files(effort, wrong);
	await alphabets(wrong);
	return { tried: `${requests} odd requests, ${BODIES.length} heavy bodies, ${odd} odd files`, wrong };
}
