import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startPostgres } from '../scripts/postgres.mjs';
import { moveData } from '../src/lib/server/services/move';
import { randomFrom } from '../tests/support/random';
import { serve, type Served } from '../tests/support/served';
import { BIG, fillShop, type ShopSize } from './big-shop';
import { ms } from './measure';
import { AIM, minutes, namesOf, PAGES, timed, type Names } from './people';

const ASKED = 60;
const PAGES_ASKED = 7;

/** A shop served from a file, and the same from a server. */
interface Both {
	file: Served;
	server: Served;
}

const middle = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

/** Asks both the same, turn by turn, and says the median of each; the first of both is left out. */
async function sideBySide(
	name: string,
	{ both, paths, aim }: { both: Both; paths: readonly string[]; aim: number }
): Promise<void> {
	const [file, server]: [number[], number[]] = [[], []];
	for (const path of paths) {
		file.push((await timed(both.file.address + path)).time);
		server.push((await timed(both.server.address + path)).time);
	}
	const [one, other] = [middle(file.slice(1)), middle(server.slice(1))];
	const over = Math.max(one, other) > aim ? '  OVER THE AIM' : '';
	console.log(
		`  ${name}: file ${ms(one)}, server ${ms(other)}, server / file = ${(other / one).toFixed(2)} (aim: under ${aim} ms)${over}`
	);
}

/** What people ask all day, of another vehicle each time. */
async function questions(both: Both, names: readonly Names[]): Promise<void> {
	const random = randomFrom(11);
	const any = (count: number) => Math.floor(random() * count);
	const functions = ['stop', 'rear turn', 'map', 'drl', 'reverse'];
	const named = () => {
		const { make, model } = names[any(names.length)] as Names;
		return `${make} ${model}`;
	};
	const many = (path: () => string) => Array.from({ length: ASKED }, path);
	const line = () => encodeURIComponent(`${named()} ${functions[any(functions.length)]}`);
	await sideBySide('counter', { both, paths: many(() => `/__data.json?q=${line()}`), aim: AIM.counter });
	const typed = () => `/find.json?q=${encodeURIComponent(named().slice(0, 4 + any(6)))}`;
	await sideBySide('search', { both, paths: many(typed), aim: 50 });
	const socket = () => `/vehicles/v${any(2000)}/match/S${any(16)}/__data.json`;
	await sideBySide('match, a change of socket', { both, paths: many(socket), aim: 100 });
	const kit = () => `/vehicles/v${any(2000)}/kit/offer.json?scope=rear`;
	await sideBySide('three kits, one of each balance', { both, paths: many(kit), aim: 3000 });
}

/** A big shop from a file and from a PostgreSQL, side by side in one run; then fifty people on each. `ROTALUX_BIG` names a folder that is filled already. */
export async function engines(size: ShopSize = BIG): Promise<void> {
	const postgres = await startPostgres();
	if ('why' in postgres) return console.log(`engines: NOT RUN: ${postgres.why}.`);
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-engines-'));
	const kept = process.env.ROTALUX_BIG;
	const data = kept ?? join(folder, 'file');
	if (!kept) await fillShop(data, size);
	const moving = join(folder, 'moving');
	cpSync(data, moving, { recursive: true });
	const began = performance.now();
	await moveData(moving, postgres.url);
	console.log(
		`${size.vehicles} vehicles, ${size.products} products, ${size.kits} kits; moved in ${ms(performance.now() - began)}:`
	);
	const onServer = { ROTALUX_LOG: 'silent', ROTALUX_DATABASE: postgres.url };
	const both = {
		file: await serve(data, { ROTALUX_LOG: 'silent' }),
		server: await serve(join(folder, 'server'), onServer)
	};
	let second: Served | null = null;
	try {
		const names = await namesOf(data);
		await questions(both, names);
		for (const path of PAGES)
			await sideBySide(path, { both, paths: Array.from({ length: PAGES_ASKED }, () => path), aim: AIM.page });
		console.log('  people on the file:');
		await minutes([both.file], names);
		console.log('  people on the server, by one process:');
		await minutes([both.server], names, postgres.pid);
		console.log('  people on the server, by two processes, as docs/chain.md has it:');
		await both.file.stop();
		second = await serve(join(folder, 'second'), onServer);
		await minutes([both.server, second], names, postgres.pid);
	} finally {
		await second?.stop();
		await both.file.stop();
		await both.server.stop();
		await postgres.stop();
		rmSync(folder, { recursive: true });
	}
}
