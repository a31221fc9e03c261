import { expect, test } from './app';
import { released } from './released';
import { goByKeys } from './room-keys';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;

test('from the whole fleet to the sockets behind a number, to what is missing and to the best assortment', async ({
	page
}) => {
	await test.step('it is worked out once, and says when', async () => {
		await page.goto('/stock', still);
		await goByKeys(page, 'o', '/cover');
		await page.getByRole('button', { name: 'Calculate cover' }).click();
		await expect(page.getByText('Calculated', { exact: false })).toBeVisible({ timeout: 60_000 });
		await expect(page.getByRole('heading', { name: '12 vehicles', exact: true })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('wheels are walked by key, and opened', async () => {
		const wheels = page.locator('[data-wheel]');
		await wheels.first().focus();
		await page.keyboard.press('ArrowRight');
		await page.keyboard.press('ArrowRight');
		await expect(wheels.nth(2)).toBeFocused();
		await page.keyboard.press('Home');
		await expect(wheels.first()).toBeFocused();
	});

	await test.step('part of the fleet by the share that is served', async () => {
		await page.getByLabel('Sockets served, from').fill('100');
		await page.getByLabel('Sockets served, from').press('Enter');
		await expect(page.getByRole('heading', { name: /^\d+ vehicles?$/ })).not.toHaveText('12 vehicles');
		await page.getByRole('button', { name: 'All', exact: true }).click();
		await expect(page.getByRole('heading', { name: '12 vehicles', exact: true })).toBeVisible();
	});

	await test.step('a number opens into its sockets, and a socket into its match', async () => {
		await page
			.getByRole('region', { name: 'By function' })
			.getByRole('row', { name: /^Rear fog/ })
			.getByRole('link')
			.first()
			.click();
		await expect(page.getByRole('heading', { name: /^\d+ sockets on \d+ vehicles: rear fog$/ })).toBeVisible();
		await page.getByRole('cell').getByRole('link').first().click();
		await expect(page).toHaveURL(/\/match\//);
	});

	await test.step('what would close the most, and an offer tried before it is bought', async () => {
		await page.goto('/cover/missing', still);
		await page.getByRole('button', { name: /^PY21W, amber, 18 to 32 V/ }).click();
		await expect(page.getByText('Closes 6 sockets on 2 vehicles', { exact: false })).toBeVisible();
		await page.getByRole('button', { name: 'See what it would bring' }).click();
		await expect(page.getByRole('status')).toContainText('closes 6 sockets on 2 vehicles');
		await page.getByLabel('Power, W').fill('abc');
		await page.getByRole('button', { name: 'See what it would bring' }).click();
		await expect(page.getByRole('alert')).toContainText('Power must be a number');
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('a lamp on order counts as soon as it is asked for', async () => {
		await expect(page.getByRole('button', { name: /^W2.3W, white/ })).toHaveCount(1);
		await page.getByLabel('Served from').first().selectOption('order');
		await expect(page.getByRole('button', { name: /^W2.3W, white/ })).toHaveCount(0);
	});

	await test.step('kits in bulk are queued for the vehicles that are chosen, and for no others', async () => {
		await page.goto('/cover/kits?kind=motorcycle', still);
		await expect(page.getByRole('heading', { name: 'Kits for 1 vehicle, one after another' })).toBeVisible();
		await page.getByRole('button', { name: 'Queue the kits' }).click();
		await expect(page.getByRole('status')).toContainText('0 waiting, 1 done, 0 failed', { timeout: 60_000 });
		await expect(page.getByRole('link', { name: 'check the draft' })).toHaveCount(1);
	});

	await test.step('the best products, proven, and money that serves nothing', async () => {
		await page.goto('/cover/assortment?k=5', still);
		await expect(page.getByText('proven best', { exact: false })).toBeVisible();
		await expect(page.getByRole('heading', { name: /^Fit nothing on record: \d+ products/ })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
		const answer = await page.request.get('/cover/assortment.csv');
		expect((await answer.text()).split('\n')[0]).toContain('product,name,maker,what');
	});
});

test('a kit for a customer: promised once, picked, brought back, and nobody’s name kept', async ({ page }) => {
	const { code } = await released(page);
	await page.goto('/sales/new?code=NONE', still);
	await page.getByLabel('Customer, a name or a number', { exact: false }).fill('Boat 7');
	await page.getByRole('button', { name: 'Quote it' }).click();
	await expect(page.getByRole('alert')).toContainText('has to agree');
	await page.getByLabel('The customer agrees', { exact: false }).check();
	await page.getByRole('button', { name: 'Quote it' }).click();
	await expect(page.getByRole('alert')).toContainText('no released kit with the code “NONE”');
	await page.getByLabel('Code of the released kit').fill(code.toLowerCase());
	await page.getByRole('button', { name: 'Quote it' }).click();
	page.on('pageerror', (e) => console.log('E', e.message));
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Aldring Net');
	await page.getByRole('button', { name: 'Reserve the packs' }).click();
	await expect(page.getByText('Its packs are reserved until', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: 'Ordered' }).click();
	expect(await scanned(page)).toEqual([]);
	await page.getByRole('button', { name: 'Picked from the shelves' }).click();
	await expect(page.getByText('picked, waits for the customer')).toBeVisible();
	const back = page.getByRole('region', { name: 'Return' });
	await back.getByRole('spinbutton').first().fill('1');
	await back.getByLabel('Because').selectOption('fault');
	await back.getByRole('button', { name: 'Book the return' }).click();
	await expect(page.getByRole('link', { name: 'File a complaint' })).toBeVisible();
	await page.getByRole('button', { name: 'Delete the name' }).click();
	await expect(page.getByText('Boat 7')).toHaveCount(0);
});
