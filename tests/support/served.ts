import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';

/** A running server of the built application, on a data folder and a port of its own. */
export interface Served {
	address: string;
	port: number;
	process: ChildProcess;
	/** What it has said on standard error so far. */
	said: () => string;
	/** Stops it the orderly way, and waits until it is gone. */
	stop: () => Promise<void>;
}

/** A port nobody listens on just now. */
export async function freePort(): Promise<number> {
	const server = createServer();
	server.listen(0, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	server.close();
	await once(server, 'close');
	return typeof address === 'object' && address ? address.port : 0;
}

/**
 * Starts the built application on a data folder.
 * @throws Error with what it said when it ends instead of listening
 */
export async function serve(folder: string, env: Record<string, string> = {}): Promise<Served> {
	const port = Number(env.PORT ?? (await freePort()));
	const child = spawn(process.execPath, ['scripts/serve.mjs'], {
		env: {
			...process.env,
			ROTALUX_LOG: 'error',
			ROTALUX_KEEP: 'off',
			...env,
			PORT: String(port),
			ROTALUX_DATA: folder
		},
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let said = '';
	child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
	const gone = once(child, 'exit');
	const began = await Promise.race([once(child.stdout, 'data').then(() => true), gone.then(() => false)]);
	if (!began) throw new Error(said.trim() || 'The server ended without a word.');
	return {
		address: `http://127.0.0.1:${port}`,
		port,
		process: child,
		said: () => said,
		stop: async () => {
			if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
			await gone;
		}
	};
}
