import { expect, test } from './app';

const SKERRY = '/vehicles/fenholm-skerry-ii-2017/match';
const still = { waitUntil: 'networkidle' } as const;

test('candidates are filtered, opened, compared and asked about, and a reload shows the same', async ({ page }) => {
	await page.goto(`${SKERRY}/low-L`, still);
	const table = page.getByRole('region', { name: 'Candidates' });
	const panel = page.getByRole('region', { name: 'About the candidate' });
	await table.getByLabel('Filter candidates').fill('deep fan');
	await expect(table.getByRole('row')).toHaveCount(2);
	await table.getByRole('button', { name: 'Tindelys Low ridge H7, deep fan' }).click();
	await table.getByLabel('Filter candidates').fill('');

	await panel.getByRole('tab', { name: 'Fit' }).click();
	await expect(panel.getByRole('img', { name: /Lamp in its cavity, side view to scale/ })).toBeVisible();
	await expect(panel.getByRole('row', { name: /stock cap, cut and sealed/ })).toContainText('28.50');
	await panel.getByRole('tab', { name: 'Colour' }).click();
	await panel.getByLabel('Try a lens').selectOption('smoked');
	await expect(panel.getByText('Only tried: the record and the verdict stay.')).toBeVisible();
	await panel.getByRole('tab', { name: 'Score' }).click();
	await expect(panel.getByRole('row', { name: /^Heat margin/ })).toContainText('below its limit');

	await table.getByRole('checkbox', { name: /Strait H7, compact/ }).check();
	await page.getByRole('button', { name: 'Glimmark Strait H7, compact' }).focus();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('c');
	await panel.getByRole('tab', { name: 'Compare 2' }).click();
	await expect(panel.getByRole('row', { name: /^Verdict/ }).getByRole('cell')).toHaveCount(2);
	await page.reload(still);
	await expect(panel.getByRole('tab', { name: 'Compare 2' })).toHaveAttribute('aria-selected', 'true');

	await page.getByLabel('Why not this one?').fill('GL-P21-RD-2');
	await page.getByRole('button', { name: 'Judge it here' }).click();
	await expect(table.getByRole('row', { name: /Harbour P21W red/ })).toContainText('Refused');
	await page.getByLabel('Why not this one?').fill('NO-SUCH');
	await page.getByRole('button', { name: 'Judge it here' }).click();
	await expect(page.getByRole('alert')).toHaveText('No product or pack has the number “NO-SUCH”.');
});

test('columns are chosen and remembered', async ({ page }) => {
	await page.goto(`${SKERRY}/plate-L`, still);
	const table = page.getByRole('region', { name: 'Candidates' });
	await table.getByText('Columns', { exact: true }).click();
	await table.getByRole('checkbox', { name: 'Mired off' }).check();
	await page.reload(still);
	await expect(table.getByRole('columnheader', { name: 'Mired off' })).toBeVisible();
});

test('an assumption is tried, kept with its source, and set back in Settings', async ({ page }) => {
	await page.goto(`${SKERRY}/low-L?tab=heat`, still);
	const panel = page.getByRole('region', { name: 'About the candidate' });
	await panel.getByLabel('Air around, C').fill('54');
	await panel.getByLabel('Air around, C').press('Tab');
	await expect(panel.getByText('as it stands', { exact: false }).first()).toBeAttached();
	await panel.getByLabel('Where the new value comes from').fill('measured in July');
	await panel.getByRole('button', { name: 'Keep for the shop' }).click();
	await expect(panel.getByText('Kept for the shop')).toBeVisible();
	await page.goto('/settings', still);
	await page.getByText('Heat', { exact: false }).last().click();
	const own = page.getByLabel("Air inside lamps, front, middle, the shop's own value in C");
	await expect(own).toHaveValue('54');
	await own.fill('');
	await own.press('Enter');
	await expect(page.getByRole('status')).toContainText('Saved.');
});

test('a wish for the whole vehicle says what it costs, and the whites that meet', async ({ page }) => {
	await page.goto('/vehicles/fenholm-sound-2015/whole', still);
	await page.getByLabel('only products in stock').check();
	await expect(page).toHaveURL(/stock=on/);
	await page.getByLabel('one white').selectOption('3000');
	await expect(page.getByRole('row', { name: /only products in stock, 3000 K throughout/ })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Another lamp than without the wish' })).toBeVisible();
	await page.getByLabel('whites as the vehicle stands').check();
	await expect(page.getByText('Filament lamps, as the vehicle stands.')).toBeVisible();
});

test('a product is edited, refused with a word, and taken back; a price list is looked at first', async ({ page }) => {
	await page.goto('/stock/OR-T4-60', still);
	await page.getByRole('textbox', { name: 'Temperature limit, C' }).fill('very hot');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Temperature limit must be a number, is “very hot”').first()).toBeVisible();
	await page.getByRole('textbox', { name: 'Temperature limit, C' }).fill('120');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('status')).toHaveText('Saved.');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('status')).toContainText('Taken back');
	await expect(page.getByRole('textbox', { name: 'Temperature limit, C' })).toHaveValue('100');

	await page.goto('/vehicles/import', still);
	const list = { name: 'prices.csv', mimeType: 'text/csv', buffer: Buffer.from('sku,price,stock\nOR-T4-60-2,990,3\n') };
	await page.getByLabel(/File/).setInputFiles(list);
	await page.getByRole('button', { name: 'Import' }).click();
	await expect(page.getByText('0 new and 1 changed products', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: 'Take it in' }).click();
	await expect(page.getByText('1 rows taken in', { exact: false })).toBeVisible();
	await page.goto('/stock/OR-T4-60', still);
	await expect(page.getByLabel('Price of pack 1')).toHaveValue('9.90');
});

test('an exception is signed for a kit, stands on it, and Match judges under it', async ({ page }) => {
	await page.goto('/vehicles/brisken-tarn-2018/kit', still);
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByRole('region', { name: 'Lines' })).toBeVisible();
	await page.getByText('Sign one for this kit').click();
	await page.getByLabel('Words on the kit').fill('rescue service, off-road only');
	await page.getByLabel('Signed by', { exact: true }).fill('A. Lindgard');
	await page.getByRole('button', { name: 'Sign the exception' }).click();
	await expect(page.getByText('signed by A. Lindgard', { exact: false }).first()).toBeVisible();
	await page.goto('/vehicles/brisken-tarn-2018/match/low-L', still);
	await expect(page.getByText('Judged under the exception', { exact: false })).toBeVisible();
	await expect(page.getByRole('row', { name: /Low ridge HB4, collar that turns/ })).toContainText('Check by hand');
});

test('the interchange map is walked with the keyboard', async ({ page }) => {
	await page.goto('/reference/interchange?category=P21W', still);
	const map = page.getByRole('group', { name: /Interchange map round P21W/ });
	await map
		.getByRole('button', { name: /Walk to 1156/ })
		.first()
		.focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('group', { name: /Interchange map round 1156/ })).toBeVisible();
	await page.getByRole('navigation', { name: 'Walked through' }).getByRole('button', { name: 'P21W' }).click();
	await expect(map).toBeVisible();
});

test('the order a person chose is kept for the next socket and the next day, until they choose the usual one', async ({
	page
}) => {
	const price = page.getByRole('columnheader', { name: /^Price/ });
	await page.goto(`${SKERRY}/low-L`, still);
	await price.getByRole('button').click();
	await expect(price).toHaveAttribute('aria-sort', 'ascending');
	await page.goto(`${SKERRY}/low-R`, still);
	await expect(price).toHaveAttribute('aria-sort', 'ascending');
	for (const now of ['descending', 'none']) {
		await price.getByRole('button').click();
		await expect(price).toHaveAttribute('aria-sort', now);
	}
	await page.goto(`${SKERRY}/low-L`, still);
	await expect(price).toHaveAttribute('aria-sort', 'none');
});
