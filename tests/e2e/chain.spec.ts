import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import pg from 'pg';
import { startPostgres } from '../../scripts/postgres.mjs';

/** One process of the chain, on a port of its own, with a folder of its own and the data that all share. */
class Branch {
	#server: ChildProcess | undefined;
	readonly #folder = mkdtempSync(join(tmpdir(), 'rotalux-branch-'));

	constructor(
		readonly port: number,
		readonly database: string
	) {}

	get address(): string {
		return `http://127.0.0.1:${this.port}`;
	}

	get #env(): NodeJS.ProcessEnv {
		return {
			...process.env,
			PORT: String(this.port),
			ROTALUX_DATABASE: this.database,
			ROTALUX_DATA: this.#folder,
			ROTALUX_KEEP: 'off',
			ROTALUX_LOG: 'silent'
		};
	}

	command(...args: string[]): string {
		const { stdout, stderr, status } = spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', ...args], {
			env: this.#env,
			encoding: 'utf8',
			maxBuffer: 1e9
		});
		if (status !== 0) throw new Error(stderr);
		return stdout;
	}

	async open(): Promise<void> {
		const server = spawn(process.execPath, ['scripts/serve.mjs'], {
			env: this.#env,
			stdio: ['ignore', 'pipe', 'inherit']
		});
		const ended = once(server, 'exit').then(([code]) => {
			throw new Error(`The process ended with ${code} instead of serving.`);
		});
		await Promise.race([once(server.stdout, 'data'), ended]);
		ended.catch(() => undefined);
		this.#server = server;
	}

	/** Ends it, politely or without a word. */
	async end(how: 'SIGTERM' | 'SIGKILL'): Promise<void> {
		const server = this.#server;
		this.#server = undefined;
		if (!server) return;
		const gone = once(server, 'exit');
		server.kill(how);
		await gone;
	}

	/** What is under way in this process. */
	async underWay(): Promise<{ imports: number; covers: number }> {
		return (await (await fetch(`${this.address}/ready`)).json()) as { imports: number; covers: number };
	}

	clear(): void {
		rmSync(this.#folder, { recursive: true, force: true });
	}
}

let stop: () => Promise<void> = () => Promise.resolve();
let one: Branch;
let two: Branch;
let database: string;

test.beforeAll(async ({}, { parallelIndex }) => {
	test.setTimeout(300_000);
	const started = await startPostgres();
	if ('why' in started) throw new Error(started.why);
	stop = started.stop;
	database = started.url;
	one = new Branch(4301 + 2 * parallelIndex, database);
	two = new Branch(4302 + 2 * parallelIndex, database);
	one.command('load-demo');
	await Promise.all([one.open(), two.open()]);
});
test.afterAll(async () => {
	for (const branch of [one, two]) {
		await branch?.end('SIGTERM');
		branch?.clear();
	}
	await stop();
});
// What the first leaves is what the second goes on with: a chain is one shop.
test.describe.configure({ mode: 'serial' });

/** The process that is at it, once there is one. */
async function whoIsAt(what: 'imports' | 'covers'): Promise<[busy: Branch, other: Branch]> {
	for (;;) {
		if ((await one.underWay())[what] > 0) return [one, two];
		if ((await two.underWay())[what] > 0) return [two, one];
	}
}

const count = async (sql: string): Promise<number> => {
	const client = new pg.Client({ connectionString: database });
	await client.connect();
	const { rows } = await client.query<{ n: string }>(sql);
	await client.end();
	return Number(rows[0]?.n);
};

async function lensAt(page: Page, branch: Branch, lens: string): Promise<void> {
	await page.goto(`${branch.address}/vehicles/fenholm-skerry-ii-2022/walk/dome`, { waitUntil: 'networkidle' });
	await page.getByRole('button', { name: /^Lens/ }).click();
	await page.getByRole('region', { name: 'Socket' }).getByLabel('Lens', { exact: true }).fill(lens);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
}

test('what is changed at one process is there when the other is asked next', async ({ page, context }) => {
	const other = await context.newPage();
	const dome = '/vehicles/fenholm-skerry-ii-2022/walk/dome';
	const lens = (at: Page, colour: string) => at.getByRole('button', { name: new RegExp(`^Lens.*${colour}`) }).count();
	await other.goto(`${two.address}${dome}`, { waitUntil: 'networkidle' });
	await lensAt(page, one, 'smoked');
	await expect(page.getByText(/lens smoked/)).toBeVisible();
	await other.reload();
	expect(await lens(other, 'smoked')).toBe(1);
	await lensAt(other, two, 'amber');
	await expect(other.getByText(/lens amber/)).toBeVisible();
	await page.reload();
	expect(await lens(page, 'amber')).toBe(1);
});

/** A file of many vehicles like one of the demo. */
function fleetFile(many: number): string {
	const shop = JSON.parse(one.command('export', '--as', 'json')) as {
		format: string;
		currency: string;
		units: object[];
		configurations: { id: string; model: string }[];
	};
	const car = shop.configurations.find(({ id }) => id === 'fenholm-skerry-i-2012');
	const configurations = Array.from({ length: many }, (_, i) => ({ ...car, id: `fleet-${i}`, model: `Fleet ${i}` }));
	const { format, currency, units } = shop;
	return JSON.stringify({ format, currency, units, configurations });
}

test('an import whose process is killed in its middle is taken over: all of it is there, once', async ({ page }) => {
	const many = 250;
	await page.goto(`${one.address}/vehicles/import`);
	await page
		.getByLabel(/File/)
		.setInputFiles({ name: 'fleet.json', mimeType: 'application/json', buffer: Buffer.from(fleetFile(many)) });
	await page.getByRole('button', { name: 'Import' }).click();
	await page.waitForURL(/import\/[0-9a-f-]+$/);
	const [busy, other] = await whoIsAt('imports');
	const path = new URL(page.url()).pathname;
	await expect
		.poll(async () => (await (await fetch(`${other.address}${path}/state`)).json()).progress.phase)
		.toBe('checking');
	await busy.end('SIGKILL');
	await page.goto(`${other.address}${path}`);
	await expect(page.getByText(`${many} vehicles`)).toBeVisible();
	const own = "rotalux.events WHERE record LIKE 'configuration:fleet-%'";
	expect(await count(`SELECT count(*) AS n FROM ${own}`)).toBe(many);
	expect(await count(`SELECT count(DISTINCT record) AS n FROM ${own}`)).toBe(many);
	await busy.open();
});

test('a run of the fleet whose process is killed in its middle is taken over', async ({ page }) => {
	await page.goto(`${one.address}/cover`);
	await page.getByRole('button', { name: 'Calculate cover' }).click();
	const [busy, other] = await whoIsAt('covers');
	await expect
		.poll(
			async () =>
				((await (await fetch(`${other.address}/cover/run.json`)).json()) as { progress: { phase: string } } | null)
					?.progress.phase
		)
		.toMatch(/vehicles|judging/);
	await busy.end('SIGKILL');
	await expect.poll(() => count('SELECT count(*) AS n FROM rotalux.cover_state WHERE finished_at IS NOT NULL')).toBe(1);
	expect(await count('SELECT count(*) AS n FROM rotalux.cover_places WHERE verdicts IS NULL')).toBe(0);
	await page.goto(`${other.address}/cover`);
	await expect(page.getByRole('heading', { name: 'Cover' })).toBeVisible();
});
