import { expect, test } from './app';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;

test('a second branch: its shelves are empty, what it lacks lies at the first one and is brought over, its kit is its own', async ({
	page
}) => {
	await test.step('the shop becomes the first branch, and somebody works at the other one', async () => {
		await page.goto('/settings/branches', still);
		await page.getByLabel('Name of the shop as it is today').fill('Harbour');
		await page.getByLabel('Name of the new branch').fill('Quay');
		await page.getByRole('button', { name: 'Open it' }).click();
		await expect(page.getByRole('status')).toHaveText('Quay is open, with empty shelves.');
		await page.getByRole('button', { name: 'Work at Quay' }).click();
		await expect(page.getByRole('link', { name: 'At Quay: to the branches' })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('none here, some at the harbour: brought over by one press', async () => {
		await page.goto('/vehicles/fenholm-skerry-ii-2017/match/fog-L', still);
		await expect(page.getByText(/^None here; \d+ at Harbour\./)).toBeVisible();
		await page.getByRole('link', { name: 'Bring some here' }).click();
		const shelves = page.getByRole('region', { name: 'At the branches' });
		const here = shelves.getByRole('row', { name: /^Quay, here/ }).first();
		await expect(here).toContainText('0');
		expect(await scanned(page)).toEqual([]);
		await shelves
			.getByRole('button', { name: /^Bring packs of/ })
			.first()
			.click();
		await expect(here).toContainText('1');
		await page.goto('/vehicles/fenholm-skerry-ii-2017/match/fog-L', still);
		await expect(page.getByText(/^None here/)).toHaveCount(0);
	});

	await test.step('a kit that is begun here is of here, wherever somebody looks at it from', async () => {
		await page.goto('/vehicles/aldring-net-750-2011/kit', still);
		await page.getByRole('button', { name: 'Work out the kit' }).click();
		await expect(page.getByRole('region', { name: 'Kit' })).toContainText('Quay');
		const kit = page.url();
		await page.getByRole('tab', { name: /^Open/ }).click();
		await page.getByRole('button', { name: 'Count every branch, solve again' }).click();
		const short = page.getByRole('region', { name: 'From other branches' });
		await expect(short).toContainText('From Harbour:');
		expect(await scanned(page)).toEqual([]);
		await short.getByRole('button', { name: 'Bring all of it here' }).click();
		await expect(short).toHaveCount(0);
		await expect(page.getByText('solve it again')).toHaveCount(0);
		await page.goto('/settings/branches', still);
		await page.getByRole('button', { name: 'Work at Harbour' }).click();
		await expect(page.getByRole('link', { name: 'At Harbour: to the branches' })).toBeVisible();
		await page.goto(kit, still);
		await expect(page.getByRole('link', { name: 'At Quay: to the branches' })).toBeVisible();
		await page.goto('/kits', still);
		await expect(page.getByRole('columnheader', { name: 'Branch' })).toBeVisible();
	});
});
