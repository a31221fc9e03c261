import { expect, test } from './app';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;

test('the command bar reaches vehicles, sockets, products, pages and deeds without the pointer', async ({ page }) => {
	await page.goto('/vehicles/fenholm-skerry-ii-2017/walk', still);
	const bar = page.getByRole('dialog', { name: 'Command bar' });
	const type = async (line: string, first: string) => {
		await page.keyboard.press('Control+k');
		await expect(bar).toBeVisible();
		await page.keyboard.type(line);
		await expect(bar.getByRole('option', { name: first }).first()).toHaveAttribute('data-selected', '');
	};
	await type('low beam left', 'Low beam, left');
	expect(await scanned(page)).toEqual([]);
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/match\/low-L/);

	await type('strait h7 compact', 'Glimmark Strait H7, compact');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/stock\//);

	await type('missing', 'Cover: missing products');
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/cover\/missing/);

	await type('dark theme', 'Dark theme');
	await page.keyboard.press('Enter');
	await expect(page.locator('html')).toHaveClass(/dark/);

	await page.keyboard.press('Control+k');
	await expect(bar.getByRole('group', { name: 'Recent' })).toContainText('Low beam, left');
	await page.keyboard.press('Escape');
	await expect(bar).toHaveCount(0);
});

test('help says what the page is for, its keys and the words, and the manual prints', async ({ page, request }) => {
	await page.goto('/cover/demand', still);
	await page.keyboard.press('?');
	const sheet = page.getByRole('dialog', { name: 'Cover' });
	await expect(sheet).toContainText('The whole fleet against the whole catalogue');
	await expect(sheet.getByRole('img')).toHaveCount(1);
	expect(await scanned(page)).toEqual([]);
	await sheet.getByRole('button', { name: 'Words' }).click();
	await expect(page.getByRole('dialog', { name: 'Words' })).toContainText('Hyperflash');
	await page.getByRole('button', { name: 'All keys' }).click();
	await expect(page.getByRole('dialog', { name: 'All keys' })).toContainText('the command bar');
	const manual = await request.get('/help/manual.pdf');
	expect(manual.headers()['content-type']).toBe('application/pdf');
	expect((await manual.body()).length).toBeGreaterThan(10_000);
});

test('a lamp in the hand is found by its looks, drawn to the scale of a card, and printed', async ({
	page,
	request
}) => {
	await page.goto('/reference/lamps', still);
	await page.getByRole('button', { name: 'round cap with two pins' }).click();
	await page.getByRole('button', { name: 'one higher' }).click();
	await page.getByRole('button', { name: 'opposite each other' }).click();
	await page.getByLabel('Length over all, mm').fill('52');
	const found = page.getByRole('region', { name: 'Lamps that may be meant' });
	await expect(found.getByRole('link', { name: 'P21/5W', exact: true })).toBeVisible();
	await expect(found.getByRole('link', { name: 'P21W', exact: true })).toHaveCount(0);
	const drawing = found.getByRole('img', { name: /^P21\/5W from the side, 52.5 mm long/ });
	const before = await drawing.boundingBox();
	await page.getByLabel('Size of the card').fill('7.6');
	await expect.poll(async () => Math.round((await drawing.boundingBox())!.width / before!.width)).toBe(2);
	await page.reload(still);
	await expect(page.getByText('set by a card')).toBeVisible();
	await expect(page.getByRole('button', { name: 'one higher' })).toHaveAttribute('aria-pressed', 'true');
	const sheet = await request.get('/reference/lamps/outlines.pdf?mount=bayonet&height=offset');
	expect(sheet.headers()['content-type']).toBe('application/pdf');
});

test('in the walk a lamp nobody knows is found by its looks and written into the line that was begun', async ({
	page
}) => {
	await page.goto('/vehicles/tarrow-packhorse-2014/walk', still);
	const line = page.locator('[data-line]');
	await line.fill('glovebox');
	await page.getByRole('link', { name: 'Which lamp is this?' }).click();
	await page.getByRole('button', { name: 'pointed caps at both ends' }).click();
	await page.getByRole('link', { name: 'Write C5W into the walk' }).click();
	await expect(line).toHaveValue('glovebox C5W');
	await expect(line).toBeFocused();
});

test('panels are made wider with the keys, and a drawing takes the whole page', async ({ page }) => {
	await page.goto('/vehicles/fenholm-skerry-ii-2017/match/low-L', still);
	const panel = page.getByRole('region', { name: 'About the candidate' });
	const width = async () => (await panel.boundingBox())!.width;
	const before = await width();
	await page.getByRole('separator', { name: 'Width of the candidate', exact: true }).focus();
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
	await expect.poll(width).toBeGreaterThan(before + 20);
	const wider = await width();
	await page.reload(still);
	await expect.poll(width).toBeGreaterThan(wider - 5);
	await panel.getByRole('button', { name: 'Larger' }).click();
	await expect.poll(width).toBeGreaterThan(1000);
	await expect(page.getByRole('region', { name: 'Candidates' })).toBeHidden();
	await panel.getByRole('button', { name: 'Smaller' }).click();
	await expect(page.getByRole('region', { name: 'Candidates' })).toBeVisible();
});
