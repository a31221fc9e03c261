import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { supplierPriceList } from '../support/price-list';
import { Hands } from './hands';

/** Time a new shop may take to its first released kit, s. */
const FIVE_MINUTES = 300;
const PRODUCTS = 200;
const WALK = [
	'low h7 projector clear',
	'high hb3 clear',
	'fog h11 clear',
	'position w5w clear',
	'front turn wy21w clear',
	'repeater w5w amber',
	'rear turn py21w clear',
	'stop tail p21/5w red',
	'reverse w16w clear',
	'plate w5w clear',
	'map w5w clear',
	'footwell w5w clear'
];

// The second hour goes on in the shop of the first.
test.describe.configure({ mode: 'serial' });

let server: ChildProcess;
let address = '';

test.beforeAll(async ({}, { parallelIndex }) => {
	const folder = `.rotalux/e2e-empty-${parallelIndex}`;
	const port = String(4299 + parallelIndex);
	rmSync(folder, { recursive: true, force: true });
	server = spawn(process.execPath, ['scripts/serve.mjs'], {
		env: { ...process.env, PORT: port, ROTALUX_DATA: folder, ROTALUX_LOG: 'silent' },
		stdio: ['ignore', 'pipe', 'inherit']
	});
	await once(server.stdout!, 'data');
	address = `http://127.0.0.1:${port}`;
});

test.afterAll(async () => {
	const gone = once(server, 'exit');
	server.kill('SIGTERM');
	await gone;
});

test('from an empty folder to a released kit in five minutes of a person’s hands', async ({ page }) => {
	const hands = new Hands(page);
	const still = () => page.waitForLoadState('networkidle');
	await page.goto(address, { waitUntil: 'networkidle' });

	await test.step('the shop', async () => {
		await hands.click(page.getByRole('link', { name: 'Begin' }));
		await still();
		await hands.click(page.getByRole('button', { name: 'Keep it so' }));
	});

	await test.step('the catalogue', async () => {
		await hands.click(page.getByRole('link', { name: 'Take a price list in' }));
		await still();
		await hands.choose(page.getByLabel(/^File/), {
			name: 'list.csv',
			mimeType: 'text/csv',
			buffer: Buffer.from(supplierPriceList(PRODUCTS))
		});
		await hands.click(page.getByRole('button', { name: 'Import', exact: true }));
		const understood = page.getByRole('region', { name: /as understood/ });
		await expect(understood.getByRole('row')).toHaveCount(21);
		await expect(page.getByText(`${PRODUCTS} new and 0 changed products`, { exact: false })).toBeVisible();
		await hands.click(page.getByRole('button', { name: 'Take it in' }));
		await expect(page.getByText(`${PRODUCTS} rows taken in`, { exact: false })).toBeVisible();
		await hands.click(page.getByRole('link', { name: 'On with the first hour' }));
	});

	await test.step('the vehicle and its 24 sockets', async () => {
		await hands.click(page.getByRole('link', { name: 'Add a vehicle' }));
		await still();
		await hands.type(page.getByLabel('Make'), 'Tarrow');
		await hands.press('Tab');
		await hands.type(page.getByLabel('Model', { exact: true }), 'Ebb');
		await hands.press('Tab');
		await hands.press('Tab');
		await hands.type(page.getByLabel('First model year'), '2016');
		await hands.press('Tab');
		await hands.type(page.getByLabel('Last model year'), '2020');
		await hands.press('Enter');
		await page.waitForURL(/walk/);
		await still();
		const line = page.locator('[data-line]').first();
		for (const [i, one] of WALK.entries()) {
			await hands.type(line, one);
			await hands.press('Enter');
			await expect(page.getByRole('link', { name: `Walk ${2 * (i + 1)} sockets` })).toBeVisible();
		}
	});

	await test.step('what feeds them', async () => {
		await hands.click(page.getByRole('link', { name: 'Outputs', exact: true }));
		await still();
		await hands.click(page.getByRole('button', { name: /^Put \d+ unfed/ }));
		await expect(page.getByRole('link', { name: /^Left turn signals/ })).toBeVisible();
		await hands.click(page.getByRole('link', { name: 'Rota', exact: true }));
		await hands.click(page.getByRole('button', { name: 'steadily' }));
		await hands.click(page.getByRole('button', { name: 'of no outside lamp' }));
		for (const side of ['Left', 'Right']) {
			const question = page.getByRole('group', { name: `${side} turn signals: Bulb-out check` });
			await hands.click(question.getByRole('button', { name: 'not checked' }));
			await expect(question).toHaveCount(0);
		}
	});

	await test.step('the kit', async () => {
		await hands.click(page.getByRole('link', { name: /^Kit none yet/ }));
		await still();
		await hands.click(page.getByRole('button', { name: 'Work out the kit' }));
		await page.waitForURL(/kit\/K/);
		await still();
		await expect(page.getByText(/^1[68] sockets served/)).toBeVisible();
		await hands.click(page.getByRole('tab', { name: 'Release' }));
		for (const field of await page.getByPlaceholder('what you found').all()) await hands.type(field, 'seen');
		await hands.type(page.getByLabel('Checked by'), 'AL');
		await hands.click(page.getByRole('button', { name: 'Check it' }));
		await hands.click(page.getByRole('button', { name: /^Release revision/ }));
		await expect(page.getByText(/, released$/)).toBeVisible();
	});

	const said = `${hands.keys} keys, ${hands.clicks} clicks, ${hands.pages} pages: ${Math.round(hands.seconds)} s`;
	test.info().annotations.push({ type: 'hands', description: said });
	expect(hands.seconds, said).toBeLessThan(FIVE_MINUTES);

	await page.goto(`${address}/start`);
	await expect(page.getByRole('heading', { name: 'The first hour is done' })).toBeVisible();
});

test('the demo is opened beside the shop, kept apart, and one click leads back', async ({ page }) => {
	await page.goto(`${address}/start`, { waitUntil: 'networkidle' });
	await page.getByRole('button', { name: 'Look around in the demo first' }).click();
	await page.getByRole('link', { name: 'The demo is ready: open it' }).click({ timeout: 100_000 });
	await page.waitForURL((url) => url.origin !== address);
	await expect(page.getByText('Demo, made-up names')).toBeVisible();
	await expect(page.getByText('To hand over: kit', { exact: false })).toBeVisible();
	await page.getByRole('link', { name: 'Back to the shop' }).click();
	await page.waitForURL((url) => url.origin === address);
	await expect(page.getByText('Demo, made-up names')).toHaveCount(0);
	await page.goto(`${address}/kits`);
	await expect(page.getByRole('link', { name: 'Whole vehicle' })).toBeVisible();
	await expect(page.getByText('Ferry line', { exact: false })).toHaveCount(0);
});
