import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';
import { expect, test } from './app';
import { goByKeys } from './room-keys';

const CAR = 'fenholm-skerry-ii-2017';

async function saved(page: Page, press: () => Promise<void>): Promise<{ name: string; bytes: Buffer }> {
	const [download]: [Download, void] = await Promise.all([page.waitForEvent('download'), press()]);
	return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
}

test('with the pointer: from a few letters at the counter to a released kit', async ({ page }) => {
	await page.goto('/');
	await page.getByLabel('Vehicle and function').fill('skerry 2018 low beam');
	await page.getByRole('link', { name: /Low beam, both.*Fits with parts/ }).click();
	await expect(page).toHaveURL(new RegExp(`/vehicles/${CAR}/match/low-L`));

	await test.step('reasons, with numbers and sources', async () => {
		await page.getByRole('button', { name: 'Quillon H7 maximum', exact: true }).click();
		const reasons = page.getByRole('region', { name: 'About the candidate' });
		await expect(reasons).toContainText('diameter 24 mm');
		await reasons.getByRole('tab', { name: 'Reasons' }).click();
		await expect(reasons).toContainText('Source: vehicle record, measured in hand');
		await expect(reasons.getByRole('button', { name: 'Refused here' })).toBeDisabled();
	});

	await test.step('a choice goes into a kit', async () => {
		await page.getByRole('button', { name: 'Tindelys Low ridge H7, deep fan' }).click();
		await page.getByRole('button', { name: 'Put into the kit' }).click();
		await page.getByRole('status').getByRole('link', { name: 'Kit' }).click();
		await expect(page.getByRole('region', { name: 'Lines' })).toContainText('Low ridge H7, deep fan');
	});

	await test.step('whole packs, spares, parts and the total', async () => {
		const lines = page.getByRole('region', { name: 'Lines' });
		for (const text of ['Anti-flicker module', 'lamp cap', 'holder adapter, shape K', 'Load resistor', 'Proven best'])
			await expect(lines).toContainText(text);
		await expect(page.getByRole('region', { name: 'Kit' })).toContainText(/\d+\.\d\d EUR/);
		await page.getByRole('tab', { name: /Open/ }).click();
		await expect(page.getByText('factory LED, nothing to replace')).toBeVisible();
		await page.getByRole('tab', { name: 'Order' }).click();
	});

	await test.step('rename, ask for something else, come back', async () => {
		await page.getByLabel('Name of the kit').fill('For the taxi firm');
		await page.getByRole('button', { name: 'Rename' }).click();
		await page.getByLabel('Balance').selectOption('light');
		await expect(page.getByLabel('Light where it counts')).toHaveValue('2');
		await page.getByRole('button', { name: 'Solve again' }).click();
		await expect(page.getByRole('button', { name: 'Solve again' })).toBeEnabled();
		await page.reload();
		await expect(page.getByLabel('Name of the kit')).toHaveValue('For the taxi firm');
		await expect(page.getByLabel('Balance')).toHaveValue('light');
	});

	await test.step('PDF, CSV, JSON and the sheet', async () => {
		await page.getByRole('tab', { name: 'Papers' }).click();
		const pdf = await saved(page, () => page.getByRole('link', { name: 'Kit sheet, PDF, A4' }).click());
		expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
		const csv = await saved(page, () => page.getByRole('link', { name: 'CSV' }).click());
		expect(csv.bytes.toString()).toContain('TD-H7-L-2,"Low ridge H7, deep fan",low-L low-R,1,2,0,6490,2531,');
		const json = await saved(page, () => page.getByRole('link', { name: 'JSON', exact: true }).last().click());
		expect(JSON.parse(json.bytes.toString()).kits[0].name).toBe('For the taxi firm');
		await page.getByRole('link', { name: 'Sheet on screen' }).click();
		await expect(page.getByRole('heading', { name: 'For the taxi firm' })).toBeVisible();
		await expect(page.getByText('never tape them to a loom')).toBeVisible();
		await page.goBack();
	});

	await test.step('release freezes revision 1', async () => {
		await page.getByRole('tab', { name: 'Release' }).click();
		for (const field of await page.getByPlaceholder('what you found').all()) await field.fill('looked at it');
		await page.getByLabel('Checked by').fill('A. Lindgard');
		await page.getByRole('button', { name: 'Check it' }).click();
		await page.getByRole('button', { name: 'Release revision 1' }).click();
		await expect(page.getByTestId('state')).toHaveText(/^[\dA-Z]{4}-[\dA-Z]{4}-[\dA-Z]{4}, released/);
		await expect(page.getByRole('button', { name: 'Solve again' })).toHaveCount(0);
		await page.goto('/kits');
		await expect(page.getByRole('row', { name: /For the taxi firm.*released as/ })).toBeVisible();
	});
});

test('with the keyboard only: counter, rota, candidates, kit', async ({ page }) => {
	await page.goto('/');
	await expect(page.getByLabel('Vehicle and function')).toBeFocused();
	await page.keyboard.type('fjell');
	await expect(page.getByRole('link', { name: 'Brisken Fjell 650' })).toBeVisible();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/brisken-fjell-650-2010\/walk/);

	const rota = page.getByRole('listbox', { name: /Sockets of Brisken/ });
	await rota.focus();
	await page.keyboard.press('Home');
	await expect(rota.getByRole('option', { selected: true })).toHaveAccessibleName(/RY10W, amber, Fits with parts/);
	await page.keyboard.press('ArrowLeft');
	await expect(rota.getByRole('option', { selected: true })).toHaveAccessibleName(/W5W/);
	await page.keyboard.press('ArrowDown');
	await expect(rota.getByRole('option', { selected: true })).toHaveAccessibleName(/Cluster backlight/);
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('End');
	await expect(page.getByRole('link', { name: 'Match this socket' })).toBeVisible();
	await expect(rota).toBeFocused();
	await page.keyboard.press('Home');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/match\/turn-front-R/);

	await page.getByRole('listbox').focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('button', { name: 'Ordna Stalk RY10W amber, phosphor', exact: true })).toBeFocused();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByRole('button', { name: 'Glimmark Stalk RY10W amber', exact: true })).toBeFocused();
	await expect(page.getByRole('region', { name: 'About the candidate' })).toContainText('Glimmark Stalk RY10W amber');
	await page.getByRole('button', { name: 'Put into the kit' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status')).toContainText('Put into');

	await goByKeys(page, 'k', '/kits');
	await expect(page.getByRole('heading', { name: 'Kits' })).toBeVisible();
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog', { name: 'Kit' })).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a whole vehicle goes out as JSON and comes back with nothing lost', async ({ page, request }) => {
	const address = `/vehicles/tarrow-packhorse-2014/export.json`;
	const before = await (await request.get(address)).json();
	await page.goto('/vehicles/import');
	await page
		.getByLabel(/File/)
		.setInputFiles({ name: 'van.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(before)) });
	await page.getByRole('button', { name: 'Import' }).click();
	await expect(page.getByRole('status')).toContainText('1 vehicles');
	expect(await (await request.get(address)).json()).toEqual(before);
	await page.getByRole('link', { name: 'Open tarrow-packhorse-2014' }).click();
	await expect(page.getByRole('heading', { name: /Tarrow Packhorse/ })).toBeVisible();
});

test('a change of policy changes the verdict, and back', async ({ page }) => {
	const choose = async (name: RegExp) => {
		await page.goto('/settings');
		await page.getByRole('group', { name: 'LED in headlamps' }).getByLabel(name).check();
		await page.getByRole('button', { name: 'Save the policy' }).click();
		await expect(page.getByRole('status')).toContainText('saved');
		await page.goto(`/vehicles/${CAR}/match/low-L`);
	};
	await choose(/Signals and cabin only/);
	await expect(page.getByRole('row', { name: /Strait H7, compact/ })).toContainText('Refused');
	await choose(/Projectors only/);
	await expect(page.getByRole('row', { name: /Strait H7, compact/ })).toContainText('Fits with parts');
});

test('stock and reference answer a search', async ({ page }) => {
	await page.goto('/stock');
	await page.getByLabel('Search').fill('switchback');
	await expect(page.getByRole('row', { name: /Harbour switchback A/ })).toBeVisible();
	await page.goto('/reference');
	await page.getByLabel('Search').fill('BAU15s');
	await expect(page.getByRole('row', { name: /^PY21W/ })).toBeVisible();
	await page.getByLabel('Search').fill('zzz');
	await expect(page.getByText('No lamp category answers to “zzz”.')).toBeVisible();
});
