import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { basename, join } from 'node:path';
import { err, ok, type Result } from '../core/result';
import { isLoopback } from './access/door';
import { addressOf } from './db/where';
import { PRACTICE_FOLDER } from './config';

const HOST = '127.0.0.1';
/** Loading the demo and opening it takes some seconds; a slow machine takes its time. */
const WAIT_MS = 90_000;
const ASK_EVERY_MS = 200;

/** Shops that are opened beside a shop: where under its folder each one is, how it starts, and what is said when it does not. */
const BESIDE = {
	demo: {
		folder: 'demo',
		env: { ROTALUX_LOAD_DEMO: 'on' },
		failed: 'The demo did not start. Your shop is as it was; try again, or run ./rotalux demo.'
	},
	practice: {
		folder: PRACTICE_FOLDER,
		env: { ROTALUX_PRACTICE: 'on' },
		failed: 'The shop of the practice did not start. Your shop is as it was; try again.'
	}
} as const;
export type BesideShop = keyof typeof BESIDE;

const running = new Map<BesideShop, { child: ChildProcess; address: string }>();
const starting = new Map<BesideShop, Promise<Result<string, string>>>();

/** The script this server was started by can start another one; only on this machine could somebody reach it. */
export const mayOpenBeside = (): boolean =>
	basename(process.argv[1] ?? '') === 'serve.mjs' && isLoopback(process.env.HOST ?? HOST);

async function freePort(): Promise<number> {
	const server = createServer().listen(0, HOST);
	await once(server, 'listening');
	const { port } = server.address() as AddressInfo;
	server.close();
	await once(server, 'close');
	return port;
}

async function answers(address: string, child: ChildProcess): Promise<boolean> {
	const until = Date.now() + WAIT_MS;
	while (Date.now() < until && child.exitCode === null) {
		const answer = await fetch(`${address}/ready`).catch(() => null);
		if (answer?.ok) return true;
		await new Promise((done) => setTimeout(done, ASK_EVERY_MS));
	}
	return false;
}

async function start(shop: BesideShop, folder: string, back: string): Promise<Result<string, string>> {
	const port = await freePort();
	const address = `http://${HOST}:${port}`;
	const child = spawn(process.execPath, [process.argv[1] ?? ''], {
		stdio: 'ignore',
		env: {
			...process.env,
			PORT: String(port),
			HOST,
			ORIGIN: address,
			ROTALUX_LOAD_DEMO: '',
			ROTALUX_PRACTICE: '',
			...BESIDE[shop].env,
			ROTALUX_DATA: join(folder, BESIDE[shop].folder),
			// The demo is always a file; the practice is where its answers are.
			ROTALUX_DATABASE: (shop === 'practice' && addressOf(join(folder, PRACTICE_FOLDER))) || '',
			ROTALUX_BACK: back,
			ROTALUX_PUBLIC_PORT: '',
			ROTALUX_PUBLIC: '',
			ROTALUX_KEEP: 'off'
		}
	});
	if (!(await answers(address, child))) {
		child.kill();
		return err(BESIDE[shop].failed);
	}
	running.set(shop, { child, address });
	child.once('exit', () => running.delete(shop));
	return ok(address);
}

/**
 * Opens another shop beside this one, in a folder and a process of its own, on this machine alone.
 * @param folder data folder of this shop
 * @param back address that leads back
 * @returns the address of the other shop
 */
export function openBeside(
	shop: BesideShop,
	{ folder, back }: { folder: string; back: string }
): Promise<Result<string, string>> {
	const there = running.get(shop);
	if (there) return Promise.resolve(ok(there.address));
	const opening = starting.get(shop) ?? start(shop, folder, back).finally(() => starting.delete(shop));
	starting.set(shop, opening);
	return opening;
}

/** Ends the shops beside this one with it. */
export function closeBeside(): void {
	for (const { child } of running.values()) child.kill();
}
