import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './app';

const still = { waitUntil: 'networkidle' } as const;

async function bytesOf(page: Page, link: string): Promise<Buffer> {
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: link, exact: true }).click()
	]);
	return readFileSync(await download.path());
}

const side = (page: Page, name: string | RegExp) => page.getByRole('tab', { name }).click();

test('from the counter to a released kit, and its next revision after a stock change', async ({ page }) => {
	await test.step('the counter offers a kit at three prices', async () => {
		await page.goto('/', still);
		await page.getByLabel('Vehicle and function').fill('aldring net kit');
		await expect(page.getByText('No released kit does for this vehicle yet', { exact: false })).toBeVisible();
		for (const balance of ['Lowest price', 'Most light', 'Easy to fit'])
			await expect(page.getByText(balance, { exact: true })).toBeVisible();
		await page.getByRole('button', { name: 'Start this kit' }).first().click();
		await expect(page.getByLabel('Name of the kit')).toHaveValue('Kit, lowest price');
	});

	await test.step('one line is changed by hand, after it was seen what that moves', async () => {
		await page
			.getByRole('region', { name: 'Lines' })
			.getByRole('button', { name: /R5W|Pilot|Harbour/ })
			.first()
			.click();
		await page.getByRole('list', { name: 'What may go here' }).getByRole('button', { disabled: false }).first().click();
		await expect(page.getByText('with every other lamp as it is', { exact: false })).toBeVisible();
		await page.getByRole('button', { name: 'Take it and solve again around it' }).click();
		await expect(page.getByText(/^Now .*chosen by hand/)).toBeVisible();
	});

	await test.step('checked, released, frozen', async () => {
		await side(page, 'Release');
		for (const field of await page.getByPlaceholder('what you found').all()) await field.fill('looked at it');
		await page.getByLabel('Checked by').fill('M. Tveter');
		await page.getByRole('button', { name: 'Check it' }).click();
		await expect(page.getByTestId('state')).toHaveText('checked by M. Tveter');
		await page.getByRole('button', { name: 'Release revision 1' }).click();
		await expect(page.getByTestId('state')).toHaveText(/^[\dA-Z]{4}-[\dA-Z]{4}-[\dA-Z]{4}, released/);
		await side(page, 'Order');
		await expect(page.getByText('This revision is released', { exact: false })).toBeVisible();
	});

	await test.step('every paper, in both sizes, and the files', async () => {
		await side(page, 'Papers');
		for (const paper of ['Kit sheet', 'Pick list', 'Labels', 'Customer sheet'])
			for (const size of ['A4', 'Letter'])
				expect((await bytesOf(page, `${paper}, PDF, ${size}`)).subarray(0, 5).toString()).toBe('%PDF-');
		expect((await bytesOf(page, 'XLSX')).subarray(0, 2).toString()).toBe('PK');
	});

	const kit = page.url().replace(/\?.*/, '');
	const code = (await page.getByTestId('state').textContent())?.replace(/,.*/, '') ?? '';

	await test.step('a shelf goes empty: the released kit is flagged and stays as it was', async () => {
		const sku = await page.getByRole('region', { name: 'Lines' }).locator('td .text-soft').first().textContent();
		const product = await page.request.get(`${kit}/kit.json`).then((r) => r.json());
		const line = product.kits[0].answer.lines.find((l: { sku: string }) => sku?.includes(l.sku));
		await page.goto(`/stock/${line.product}`, still);
		const rows = page.getByLabel(/^Packs in stock of pack/);
		for (const field of await rows.all()) if ((await field.inputValue()) !== '') await field.fill('0');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.goto('/kits', still);
		await expect(page.getByRole('row', { name: new RegExp(code) })).toContainText('changed under it');
		await page.goto(kit, still);
		await expect(page.getByText('stays as it was frozen', { exact: false })).toBeVisible();
		await expect(page.getByTestId('state')).toHaveText(`${code}, released`);
	});

	await test.step('the next revision is worked out by the facts of today, and compared', async () => {
		await page.getByRole('button', { name: /Start revision 2/ }).click();
		await expect(page.getByTestId('state')).toHaveText('draft of revision 2');
		await page.getByRole('button', { name: 'Let the kit choose again' }).first().click();
		await expect(page.getByRole('button', { name: 'Let the kit choose again' })).toHaveCount(0);
		await side(page, 'Release');
		await page.getByRole('link', { name: 'Compare revisions' }).click();
		await expect(page.getByRole('table', { name: 'Packs before and after' })).toBeVisible();
		await expect(page.getByText('revision 2, under way')).toBeVisible();
	});
});

test('a customer opens the code on a phone: what goes where, cautions, no prices, nothing to change', async ({
	page
}) => {
	await page.goto('/vehicles/brisken-fjell-650-2010/kit', still);
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await side(page, 'Release');
	await page.getByLabel('Checked by').fill('A. Lindgard');
	await page.getByRole('button', { name: 'Check it' }).click();
	await page.getByRole('button', { name: 'Release revision 1' }).click();
	await page.getByRole('link', { name: 'customer page' }).click();
	await page.setViewportSize({ width: 390, height: 844 });
	await expect(page.getByRole('heading', { name: /Brisken Fjell 650/ })).toBeVisible();
	await expect(page.getByRole('img', { name: /Address of this page/ })).toBeVisible();
	await expect(page.getByText('Never raise the rating of a fuse', { exact: false })).toBeVisible();
	await expect(page.getByText(/red to feed wire of the lamp/)).toBeVisible();
	await expect(page.getByText(/EUR/)).toHaveCount(0);
	await expect(page.getByRole('navigation')).toHaveCount(0);
	expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(
		0
	);
	const { violations } = await new AxeBuilder({ page })
		.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
		.analyze();
	expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.target}`)).toEqual([]);
	expect((await page.request.get('/k/NOBODY-R1')).status()).toBe(404);
});

test('what demands cost is priced, and an assembly is chosen by hand with a signature', async ({ page }) => {
	await page.goto('/vehicles/brisken-fjell-650-2010/kit', still);
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await side(page, 'Compare');
	await page.getByRole('button', { name: 'Price the demands' }).click();
	await expect(page.getByText('4300 K throughout')).toBeVisible();
	await side(page, /Open/);
	await page.getByRole('button', { name: 'Choose by hand' }).first().click();
	await page.getByRole('button', { name: /Headlamp insert/ }).click();
	await expect(page.getByText(/Comes into the box: Bracket/)).toBeVisible();
	await page.getByRole('button', { name: 'Take it and solve again around it' }).click();
	await expect(page.getByRole('region', { name: 'Lines' })).toContainText('Headlamp insert 180 mm');
	await side(page, 'Release');
	await expect(page.getByText('nobody has held it to this vehicle', { exact: false }).first()).toBeVisible();
	await page.getByLabel('Checked by').fill('A. Lindgard');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByTestId('state')).toHaveText('draft');
	await page.getByPlaceholder('what you found').first().fill('held to the frame, it sits');
	for (const field of await page.getByPlaceholder('what you found').all())
		if ((await field.inputValue()) === '') await field.fill('looked at it');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByTestId('state')).toHaveText('checked by A. Lindgard');
});
