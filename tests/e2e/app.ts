import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, rmSync } from 'node:fs';
import { test as base } from '@playwright/test';

/** A server of one browser worker, on a port and a database of its own. */
class App {
	readonly port: string;
	readonly database: string;
	readonly #data: string;
	/** The demo as it is loaded, to be copied. */
	readonly #demo: string;
	#isLoaded = false;
	#file = '';
	#server: ChildProcess | undefined;

	constructor(worker: number) {
		this.port = String(4199 + worker);
		this.#data = `.rotalux/e2e-${worker}`;
		this.#demo = `.rotalux/e2e-demo-${worker}`;
		this.database = `${this.#data}/rotalux.sqlite`;
	}

	/** Starts afresh, with nothing but the demo data, for every file of tests, so that none can lean on another. */
	async freshFor(file: string): Promise<void> {
		if (file === this.#file) return;
		await this.stop();
		const env = { ...process.env, PORT: this.port, ROTALUX_DATA: this.#data, ROTALUX_LOG: 'silent' };
		this.#loadDemo();
		rmSync(this.#data, { recursive: true, force: true });
		cpSync(this.#demo, this.#data, { recursive: true });
		const server = spawn(process.execPath, ['scripts/serve.mjs'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
		await once(server.stdout, 'data');
		this.#server = server;
		this.#file = file;
	}

	/** Loads the demo once for all files of this worker. */
	#loadDemo(): void {
		if (this.#isLoaded) return;
		const env = { ...process.env, ROTALUX_DATA: this.#demo };
		spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', 'load-demo'], { env });
		this.#isLoaded = true;
	}

	async stop(): Promise<void> {
		if (!this.#server) return;
		const gone = once(this.#server, 'exit');
		this.#server.kill('SIGTERM');
		await gone;
		this.#server = undefined;
	}
}

/** The tests of Playwright, with the application at `/`. */
export const test = base.extend<{ fresh: void }, { app: App }>({
	app: [
		async ({}, use, { parallelIndex }) => {
			const app = new App(parallelIndex);
			await use(app);
			await app.stop();
		},
		{ scope: 'worker' }
	],
	fresh: [
		async ({ app }, use, { file }) => {
			await app.freshFor(file);
			await use();
		},
		{ auto: true }
	],
	baseURL: async ({ app }, use) => use(`http://127.0.0.1:${app.port}`)
});

export { expect } from '@playwright/test';
