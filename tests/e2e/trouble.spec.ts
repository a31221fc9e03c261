import { spawnSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect, test } from './app';
import Database from 'better-sqlite3';

async function upload(page: Page, name: string, content: string | Buffer): Promise<void> {
	await page.goto('/vehicles/import');
	await page.getByLabel(/File/).setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });
	await page.getByRole('button', { name: 'Import' }).click();
}

const vehicle = (more: object) =>
	JSON.stringify({
		format: 'rotalux/1',
		configurations: [
			{ id: 'strange', make: 'Test', model: 'One', kind: 'car', market: 'UN', sockets: [], channels: [], ...more }
		]
	});

for (const [what, name, content, words] of [
	['malformed', 'half.json', '{"format":', 'is not JSON'],
	['foreign', 'other.json', '{"hello":1}', 'the file has no "format"; only "rotalux/1" is read'],
	[
		'an unknown category',
		'cat.json',
		vehicle({ sockets: [{ id: 's', zone: 'front', side: 'left', functions: ['fog'], category: 'H99' }] }),
		'"H99" is not a known lamp category'
	],
	['an absurd number', 'years.json', vehicle({ years: [1066, 2020] }), 'must be at least 1900'],
	[
		'20 MB',
		'big.json',
		Buffer.alloc(20_000_000, 32),
		'big.json is 20 MB; at most 10 MB are read at once. Nothing was changed.'
	],
	['nothing', 'empty.json', '', 'the file is empty']
] as const)
	test(`a file that is ${what} gets one clear sentence, and nothing is changed`, async ({ page }) => {
		await upload(page, name, content);
		await expect(page.getByText(words)).toBeVisible();
		await page.goto('/vehicles');
		await expect(page.getByText('Test One')).toHaveCount(0);
	});

test('a script in a name is a name', async ({ page, request }) => {
	const name = '<img src=x onerror="document.title=1"><script>document.title=2</script>';
	await upload(page, 'script.json', vehicle({ id: 'script', model: name }));
	await expect(page.getByRole('status')).toContainText('1 vehicles');
	await page.goto('/vehicles/script/walk');
	await expect(page.getByRole('heading', { level: 1 })).toContainText(name);
	await expect(page).toHaveTitle(/Walk · Test <img/);
	expect((await request.get('/vehicles/script/export.json')).ok()).toBe(true);
});

test('an address of nothing says so and leads back', async ({ page }) => {
	const response = await page.goto('/vehicles/nobody/walk');
	expect(response?.status()).toBe(404);
	await expect(page.getByText('There is no vehicle “nobody” on record.')).toBeVisible();
	await page.getByRole('link', { name: 'Back to the counter' }).click();
	await expect(page.getByRole('heading', { name: 'Counter' })).toBeVisible();
});

test('the error body of the interface says what was wrong', async ({ request }) => {
	const response = await request.get('/vehicles/nobody/export.json', { headers: { accept: 'application/json' } });
	expect(response.status()).toBe(404);
	expect((await response.json()).message).toBe('There is no vehicle “nobody” on record.');
});

test('a budget that is no amount is kept in the form and explained', async ({ page }) => {
	await page.goto('/vehicles/brisken-fjell-650-2010/kit');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await page.getByLabel('Budget').fill('about fifty');
	await page.getByRole('button', { name: 'Solve again' }).click();
	await expect(page.getByRole('alert')).toContainText(
		'The budget must be an amount such as 249.90, and the white a number of kelvin such as 4300. Nothing was changed.'
	);
	await expect(page.getByLabel('Budget')).toHaveValue('about fifty');
	await page.getByLabel('Budget').fill('20');
	await page.getByRole('button', { name: 'Solve again' }).click();
	await page.getByRole('tab', { name: /Open/ }).click();
	await expect(page.getByText('the budget does not reach').first()).toBeVisible();
});

test('demands that cannot hold together are named, and the kit stays as it was', async ({ page }) => {
	await page.goto('/vehicles/brisken-fjell-650-2010/kit');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	const total = page.getByRole('region', { name: 'Kit', exact: true }).locator('strong');
	const before = await total.textContent();
	await page.getByLabel('Budget').fill('20');
	await page.getByLabel('All sockets or nothing').check();
	await page.getByRole('button', { name: 'Solve again' }).click();
	await expect(page.getByRole('alert')).toContainText('These cannot hold together');
	await expect(page.getByRole('alert')).toContainText('the budget of 20.00');
	await expect(total).toHaveText(before ?? '');
});

test('a port in use and a port that is none are said in one sentence', ({ app }) => {
	const serve = (port: string) =>
		spawnSync(process.execPath, ['scripts/serve.mjs'], {
			encoding: 'utf8',
			env: { ...process.env, PORT: port, ROTALUX_DATA: '.rotalux/e2e-port' }
		});
	const taken = serve(app.port);
	expect(taken.status).toBe(2);
	expect(taken.stderr).toContain(
		`Port ${app.port} on 127.0.0.1 is already in use. Set another one, such as PORT=${Number(app.port) + 2}.`
	);
	expect(serve('many').stderr).toContain('PORT must be a number from 1 to 65535, is "many".');
});

test('a database another program has locked: the form says so, and keeps what was typed', async ({ page, app }) => {
	await page.goto('/vehicles/tarrow-packhorse-2014/kit');
	await page.getByLabel('Name').fill('While it is locked');
	const other = new Database(app.database);
	other.exec('begin immediate');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByRole('alert')).toContainText('Somebody else is writing just now', {
		timeout: 15_000
	});
	other.exec('rollback');
	other.close();
	await expect(page.getByLabel('Name')).toHaveValue('While it is locked');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByLabel('Name of the kit')).toHaveValue('While it is locked');
});

test('a form from another site is not taken', async ({ request }) => {
	const response = await request.post('/settings', {
		headers: { origin: 'http://elsewhere.example' },
		form: { headlamps: 'proved' }
	});
	expect(response.status()).toBe(403);
});
