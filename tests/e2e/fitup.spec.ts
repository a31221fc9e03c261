import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;
const TRAILER = '/vehicles/aldring-net-750-2011';

async function typeLine(page: Page, line: string): Promise<void> {
	await page.getByRole('combobox', { name: /Access-line/ }).fill(line);
	await page.keyboard.press('Enter');
}

const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });

test('from an unknown way in to a fitted kit, with the connection cut in the bay', async ({ page, context }) => {
	await test.step('the way in is recorded by the keyboard', async () => {
		await page.goto(`${TRAILER}/access`, still);
		await expect(page.getByText('Nobody has recorded the way in yet', { exact: false })).toBeVisible();
		await typeLine(
			page,
			'left rear lamp out: 2x 8 mm nut, plug; reaches stop, turn; 3 min off 4 on; care: pull straight back'
		);
		await expect(page.getByRole('link', { name: /Take the rear lamp out left/ })).toBeVisible();
		await typeLine(page, 'number plate lamp out: 2 screws; after nobody');
		await expect(page.getByText('Nothing on record is called “nobody”: enter it first.')).toBeVisible();
		await typeLine(page, 'number plate lamp out: 2 screws; reaches plate; 2 min');
		await page.getByRole('button', { name: 'Copy to the right what is only on the left (1)' }).click();
		await expect(page.getByRole('link', { name: /Take the rear lamp out right/ })).toBeVisible();
		await page.getByLabel('Way to').selectOption({ label: 'Rear stop / tail, left' });
		await expect(page.getByText(/1 step, 7 min there and back; nothing on record is quicker/)).toBeVisible();
	});

	await test.step('the plan of a kit shares the work of both lamps, and is printed', async () => {
		await page.goto(`${TRAILER}/kit`, still);
		await page.getByRole('button', { name: 'Work out the kit' }).click();
		await expect(page.getByLabel('Name of the kit')).toBeVisible();
		await page.getByRole('link', { name: /Fit-up/ }).click();
		await expect(page.getByText('Take the rear lamp out', { exact: true }).first()).toBeVisible();
		await expect(page.getByText('Look at both sides')).toBeVisible();
		await expect(page.getByText('Nobody has recorded the way in', { exact: true })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
		const sheet = await page.getByRole('link', { name: 'Sheet, A4' }).getAttribute('href');
		const pdf = await page.request.get(sheet ?? '');
		expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
	});

	await page.getByRole('button', { name: 'Fit it in the bay' }).click();
	await page.setViewportSize({ width: 820, height: 1180 });

	await test.step('three steps are ticked without a connection, kept, and sent when there is one', async () => {
		await expect(page.getByRole('heading', { name: 'Before anything is opened' })).toBeVisible();
		await page.waitForLoadState('networkidle');
		await context.setOffline(true);
		for (let i = 0; i < 3; i++) await done(page).click();
		await expect(page.getByText(/kept here, not sent yet/)).toBeVisible();
		await context.setOffline(false);
		await expect(page.getByText('everything is sent')).toBeVisible();
		await page.reload(still);
		await expect(page.getByRole('button', { name: /^3 of/ })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('what is different goes on record from the step it was found at', async () => {
		await page.getByRole('button', { name: /^3 of/ }).click();
		await page
			.getByRole('button', { name: /Take the rear lamp out, left/ })
			.first()
			.click();
		await page.getByRole('button', { name: 'Note, or it was different' }).click();
		await page.getByLabel('What was different').selectOption('Something to mind');
		await page.getByLabel('breaks when cold').fill('the seal tears');
		await page.getByRole('button', { name: 'Put it on record' }).click();
		await expect(page.getByText('· on record')).toBeVisible();
	});

	await test.step('it stands in Questions and in the next plan', async () => {
		await page.goto('/questions', still);
		await page.getByRole('link', { name: /Take the rear lamp out, left: care/ }).click();
		await expect(page.getByText('the seal tears', { exact: false }).first()).toBeVisible();
		await page.goto(`${TRAILER}/fitup`, still);
		await expect(page.getByText('the seal tears').first()).toBeVisible();
	});
});
