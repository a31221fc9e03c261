import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { basename, join } from 'node:path';
import { err, ok, type Result } from '../../core/result';
import { isLoopback } from '../access/door';

const HOST = '127.0.0.1';
/** Loading the demo and opening it takes some seconds; a slow machine takes its time. */
const WAIT_MS = 90_000;
const ASK_EVERY_MS = 200;

let running: { child: ChildProcess; address: string } | undefined;
let starting: Promise<Result<string, string>> | undefined;

/** The script this server was started by can start another one; only on this machine could somebody reach it. */
export const mayShowDemo = (): boolean =>
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

async function start(folder: string, back: string): Promise<Result<string, string>> {
	const port = await freePort();
	const address = `http://${HOST}:${port}`;
	const child = spawn(process.execPath, [process.argv[1] ?? ''], {
		stdio: 'ignore',
		env: {
			...process.env,
			PORT: String(port),
			HOST,
			ORIGIN: address,
			ROTALUX_DATA: join(folder, 'demo'),
			ROTALUX_LOAD_DEMO: 'on',
			ROTALUX_BACK: back,
			ROTALUX_PUBLIC_PORT: '',
			ROTALUX_PUBLIC: '',
			ROTALUX_KEEP: 'off'
		}
	});
	if (!(await answers(address, child))) {
		child.kill();
		return err('The demo did not start. Your shop is as it was; try again, or run ./rotalux demo.');
	}
	running = { child, address };
	child.once('exit', () => (running = undefined));
	return ok(address);
}

/**
 * Opens the demo beside the shop, in a folder and a process of its own, on this machine alone.
 * @param folder data folder of the shop
 * @param back address that leads back to the shop
 * @returns the address of the demo
 */
export function openDemo(folder: string, back: string): Promise<Result<string, string>> {
	if (running) return Promise.resolve(ok(running.address));
	starting ??= start(folder, back).finally(() => (starting = undefined));
	return starting;
}

/** Ends the demo with the shop's server. */
export function closeDemo(): void {
	running?.child.kill();
}
