import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from '../src/lib/server/db/connection';
import { randomFrom } from '../tests/support/random';
import { serve, type Served } from '../tests/support/served';
import { cpuSeconds, stolenSeconds } from './cpu';
import { BIG, fillShop, type ShopSize } from './big-shop';
import { median, ms } from './measure';

const PEOPLE = 50;
const MINUTE_MS = 60_000;
const CHANGE_ONE_IN = 10;
export const AIM = { perSecond: 150, p99: 1000, page: 300, bytes: 300_000, counter: 100 };

export const PAGES = [
	'/',
	'/vehicles',
	'/vehicles/identify?q=bran',
	'/vehicles/compare?c=v1&c=v2',
	'/vehicles/possible?c=v1&c=v2',
	'/vehicles/v77/identify',
	'/vehicles/v77/walk',
	'/vehicles/v77/walk/S0',
	'/vehicles/v77/sister',
	'/vehicles/v77/history',
	'/vehicles/v77/match/S10',
	'/vehicles/v77/whole',
	'/vehicles/v77/circuit',
	'/vehicles/v77/kit',
	'/kits',
	'/stock',
	'/stock/P77',
	'/stock/supplier',
	'/questions',
	'/reference',
	'/settings'
];

export interface Names {
	make: string;
	model: string;
}

export async function namesOf(folder: string): Promise<Names[]> {
	const db = await openDatabase(folder);
	const names: Names[] = await db('configurations').select('make', 'model').limit(2000);
	await db.destroy();
	return names;
}

/** Memory that processes have together, MB. */
const memoryOf = (all: readonly Served[]) =>
	all.reduce(
		(sum, { process: { pid } }) =>
			sum + Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000,
		0
	);

/** Connections that stay open, as those of browsers do; asking costs little, since whoever asks shares the cores with whoever answers. */
const agent = new Agent({ keepAlive: true, maxSockets: PEOPLE });

interface Asked {
	method?: string;
	headers?: Record<string, string>;
	body?: string;
}

/** Asks an address once; how long it took, and what came. */
export function timed(
	address: string,
	{ method = 'GET', headers = {}, body }: Asked = {}
): Promise<{ time: number; bytes: number; status: number }> {
	const began = performance.now();
	return new Promise((resolve, reject) => {
		const asked = request(address, { method, agent, headers: { ...headers, ...lengthOf(body) } }, (answer) => {
			let bytes = 0;
			answer.on('data', (chunk: Buffer) => (bytes += chunk.length));
			answer.on('end', () => resolve({ time: performance.now() - began, bytes, status: answer.statusCode ?? 0 }));
		});
		asked.on('error', reject);
		asked.end(body);
	});
}

const lengthOf = (body: string | undefined): Record<string, string> =>
	body === undefined ? {} : { 'content-length': String(Buffer.byteLength(body)) };

/** Every page once cold and then warm, with its size. */
async function pages(served: Served): Promise<void> {
	for (const path of PAGES) {
		const first = await timed(served.address + path);
		const warm = await median(() => timed(served.address + path), 5);
		const over = warm > AIM.page || first.bytes > AIM.bytes ? '  OVER THE AIM' : '';
		console.log(
			`  ${path}: ${ms(warm)}, the first time ${ms(first.time)}, ${(first.bytes / 1000).toFixed(0)} kB, ${first.status}${over}`
		);
	}
}

/** A line at the counter, vehicle after vehicle. */
async function counter(served: Served, names: readonly Names[]): Promise<void> {
	const random = randomFrom(5);
	const functions = ['stop', 'rear turn', 'map', 'drl', 'reverse'];
	const ask = () => {
		const { make, model } = names[Math.floor(random() * names.length)] as Names;
		const line = `${make} ${model} ${functions[Math.floor(random() * functions.length)]}`;
		return timed(`${served.address}/__data.json?q=${encodeURIComponent(line)}`);
	};
	for (let i = 0; i < 20; i++) await ask();
	console.log(`  counter, another vehicle each time: ${ms(await median(ask, 60))} (aim: under ${AIM.counter} ms)`);
}

/** One person: looks from page to page, and changes something now and then. */
function person(served: Served, names: readonly Names[], seed: number): () => Promise<{ time: number; ok: boolean }> {
	const random = randomFrom(seed);
	const any = (count: number) => Math.floor(random() * count);
	const looks: (() => string)[] = [
		() => {
			const { make, model } = names[any(names.length)] as Names;
			return `/__data.json?q=${encodeURIComponent(`${make} ${model} stop`)}`;
		},
		() => `/vehicles/v${any(2000)}/walk/S${any(16)}/__data.json`,
		() => `/vehicles/v${any(2000)}/match/S${any(16)}/__data.json`,
		() => `/vehicles/v${any(2000)}/kit/__data.json`,
		() => `/vehicles/v${any(2000)}/verdicts.json`,
		() => `/kits/__data.json?page=${1 + any(50)}`,
		() => `/stock/__data.json?q=lamp+${any(999)}`,
		() => `/stock/P${any(50_000)}`,
		() => `/vehicles/v${any(2000)}/walk`
	];
	const change = () => {
		const facts = { 'envelope.frontDiameter': 18 + any(10) };
		const command = { kind: 'claim', subject: { kind: 'socket', id: `S${any(16)}` }, facts, source: 'in-hand' };
		return timed(`${served.address}/vehicles/v${any(20_000)}/record`, {
			method: 'POST',
			headers: { 'content-type': 'application/json', origin: served.address },
			body: JSON.stringify({ base: 1_000_000_000, command })
		});
	};
	return async () => {
		const isChange = any(CHANGE_ONE_IN) === 0;
		const { time, status } = isChange
			? await change()
			: await timed(served.address + (looks[any(looks.length)] as () => string)());
		return { time, ok: status < 400 };
	};
}

/** CPU time taken so far, and lost to other machines, s. */
function taken(all: readonly Served[], database: number | undefined) {
	const { user, system } = process.cpuUsage();
	return {
		server: all.reduce((sum, { process: { pid } }) => sum + cpuSeconds(pid ?? 0), 0),
		database: database === undefined ? 0 : cpuSeconds(database),
		asking: (user + system) / 1e6,
		stolen: stolenSeconds()
	};
}

/** Crowds so far: each asks for other vehicles than the one before. */
let crowds = 0;

/**
 * Fifty people for a minute. What a request costs is said in CPU time too: on a machine whose cores are lent to others the rate says little.
 * @param all processes on the same data, which the people share out among them as a proxy would
 * @param database process of the database server, where there is one
 */
export async function crowd(
	all: readonly [Served, ...Served[]],
	names: readonly Names[],
	database?: number
): Promise<void> {
	crowds += 1;
	const times: number[] = [];
	const memory: number[] = [];
	let failed = 0;
	const before = taken(all, database);
	const until = Date.now() + MINUTE_MS;
	const watch = setInterval(() => memory.push(memoryOf(all)), MINUTE_MS / 12);
	await Promise.all(
		Array.from({ length: PEOPLE }, async (_, i) => {
			const act = person(all[i % all.length] ?? all[0], names, 100 * crowds + i);
			while (Date.now() < until) {
				const { time, ok } = await act();
				times.push(time);
				if (!ok) failed += 1;
			}
		})
	);
	clearInterval(watch);
	const after = taken(all, database);
	times.sort((a, b) => a - b);
	const at = (share: number) => ms(times[Math.floor(times.length * share)] ?? NaN);
	const rate = times.length / (MINUTE_MS / 1000);
	console.log(
		`  ${PEOPLE} people for a minute, one change in ${CHANGE_ONE_IN}: ${rate.toFixed(0)} requests/s (aim: ${AIM.perSecond} on two quiet cores; this program takes one of them), p50 ${at(0.5)}, p99 ${at(0.99)} (aim: under ${AIM.p99} ms), worst ${at(0.99999)}, ${failed} not answered well`
	);
	const each = (what: keyof ReturnType<typeof taken>) => ms(((after[what] - before[what]) * 1000) / times.length);
	const stolen = ((after.stolen - before.stolen) * 1000) / MINUTE_MS / availableParallelism();
	console.log(
		`  CPU time a request: server ${each('server')}, database ${each('database')}, asking ${each('asking')} (two cores bear ${AIM.perSecond} requests/s at ${ms(2000 / AIM.perSecond)} together); other machines had ${(stolen * 100).toFixed(0)} % of the cores meanwhile`
	);
	console.log(
		`  memory of the ${all.length === 1 ? 'server' : `${all.length} processes together`} over the minute, MB: ${memory.map((mb) => mb.toFixed(0)).join(' ')}`
	);
}

/** Fifty people for the first minute that a server is asked so much, and for another. */
export async function minutes(...asked: Parameters<typeof crowd>): Promise<void> {
	await crowd(...asked);
	console.log('  and another minute:');
	await crowd(...asked);
}

/** A big shop, served: every page, the counter, and fifty people at once. `ROTALUX_BIG` names a folder that is filled already. */
export async function people(size: ShopSize = BIG): Promise<void> {
	const kept = process.env.ROTALUX_BIG;
	const folder = kept ?? mkdtempSync(join(tmpdir(), 'rotalux-people-'));
	if (!kept) await fillShop(folder, size);
	const served = await serve(folder, { ROTALUX_LOG: 'silent' });
	try {
		console.log(`${size.vehicles} vehicles, ${size.products} products, ${size.kits} kits, served:`);
		await pages(served);
		const names = await namesOf(folder);
		await counter(served, names);
		await minutes([served], names);
	} finally {
		await served.stop();
		if (!kept) rmSync(folder, { recursive: true });
	}
}
