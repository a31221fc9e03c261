import type { Page } from '@playwright/test';
import { photograph, PLAIN_BEAM, PLAIN_CAMERA, type BeamPattern } from '../../src/lib/core/beam';
import { pngOf } from '../../src/lib/server/pictures/read-picture';
import { expect, test } from './app';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;
const CAR = '/vehicles/fenholm-skerry-i-2012';
const AT = '?place=low-high-L&lamp=GL-H4-F';
const NAME = 'Glimmark Strait H4 with fan';
const TARGETS = { right: 9, up: 5, radius: 0.7 };

/** The lamp that is proved, among the candidates. */
const lampRow = (page: Page) => page.getByRole('row', { name: NAME }).first();

/** A picture as a camera would have taken it. */
async function picture(name: string, beam: Partial<BeamPattern>, seed: number) {
	const camera = { ...PLAIN_CAMERA, width: 720, height: 480, ambient: 0.02, targets: TARGETS, seed };
	return { name, mimeType: 'image/png', buffer: await pngOf(photograph({ ...PLAIN_BEAM, ...beam }, camera)) };
}

async function fill(page: Page, fields: Record<string, string>): Promise<void> {
	for (const [label, value] of Object.entries(fields)) await page.getByLabel(label).fill(value);
}

test('from a lamp nobody may sell, by every proof, to one that Match passes', async ({ page }) => {
	await test.step('the shop asks for a beam check, and people measure in lux and metres', async () => {
		await page.goto('/settings', still);
		await page.getByLabel('Who works at this browser', { exact: false }).fill('M. Tveter');
		await page.getByRole('button', { name: 'Remember the name' }).click();
		await expect(page.getByText('Changes are now by M. Tveter.')).toBeVisible();
		await page.getByRole('group', { name: 'LED in headlamps' }).getByRole('radio').nth(2).check();
		const proved = page.getByRole('group', { name: 'LED in headlamps' }).getByRole('radio').nth(2);
		await expect(proved).toBeChecked();
		await page.getByRole('button', { name: 'Save the policy' }).click();
		await expect(page.getByText('The policy is saved', { exact: false })).toBeVisible();
		await page.goto(`${CAR}/match/low-high-L`, still);
		await expect(lampRow(page).getByText('Check by hand', { exact: true })).toBeVisible();
	});

	await test.step('light before and after; a reading in the wrong unit is asked about', async () => {
		await page.goto(`${CAR}/prove/light?place=low-high-L&lamp=stock`, still);
		await fill(page, {
			'Lamp to wall, m': '10',
			'Hot spot, lx': '300',
			'Under the cut-off, lx': '80',
			'Above the cut-off, lx': '3'
		});
		await page.getByRole('button', { name: 'Keep these readings' }).click();
		await expect(page.getByText('Kept: the lamp it came with, left.')).toBeVisible();
		await page.goto(`${CAR}/prove/light${AT}`, still);
		await fill(page, { 'Lamp to wall, m': '10', 'Under the cut-off, lx': '90', 'Above the cut-off, lx': '330' });
		await expect(page.getByText('Was 3.3 lx meant?', { exact: false })).toBeVisible();
		await expect(page.getByRole('button', { name: 'Keep these readings' })).toBeDisabled();
		await fill(page, { 'Above the cut-off, lx': '3.3' });
		await expect(page.getByText('1.1 times as before')).toBeVisible();
		await page.getByRole('button', { name: 'Keep these readings' }).click();
		await expect(page.getByText(/^Kept: Glimmark/)).toBeVisible();
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('two pictures are read in the browser; what is none is refused and loses nothing', async () => {
		await page.goto(`${CAR}/prove/beam${AT}`, still);
		await page.getByLabel('Before: picture').setInputFiles(await picture('before.png', {}, 1));
		await expect(page.getByText('targets found')).toBeVisible();
		await page
			.getByLabel('After: picture')
			.setInputFiles({ name: '<script>.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
		await expect(page.getByRole('alert')).toContainText(
			'The picture after cannot be used: it is no PNG or JPEG picture'
		);
		await page.getByLabel('After: picture').setInputFiles(await picture('after.png', { tilt: 3 }, 2));
		await expect(page.getByRole('heading', { name: 'They compare' })).toBeVisible();
		await expect(page.getByText('The cut-off leans 3° clockwise', { exact: false })).toBeVisible();
		await page.getByLabel('After: picture').setInputFiles(await picture('after.png', { tilt: 0.2, above: 0.022 }, 3));
		await expect(page.getByText('The beam has the shape it had.')).toBeVisible();
		await page.getByRole('button', { name: 'By light' }).click();
		await expect(page.getByText('Lines of equal light:')).toBeVisible();
		const handle = page.getByRole('button', { name: /^Mark top left/ }).first();
		const before = await handle.getAttribute('aria-label');
		await handle.focus();
		for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight');
		expect(await handle.getAttribute('aria-label')).not.toBe(before);
		for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowLeft');
		await expect(page.getByRole('heading', { name: 'They compare' })).toBeVisible();
		expect(await scanned(page)).toEqual([]);
		await page.getByRole('button', { name: 'Keep pictures and numbers' }).click();
		await expect(page.getByText('Kept, without what the camera wrote', { exact: false })).toBeVisible();
	});

	await test.step('the check cannot be signed while the aim is open; then it can, and Match passes the lamp', async () => {
		await page.goto(`${CAR}/prove/check${AT}`, still);
		await expect(page.getByRole('button', { name: 'Sign the beam check' })).toBeDisabled();
		await page
			.getByRole('row', { name: /Aim within its rule/ })
			.getByRole('link')
			.click();
		await fill(page, {
			'Lamp centre, from the floor, mm': '680',
			'Before, as found, mm': '60',
			'Now, mm': '125',
			'Turns, clockwise': '-2'
		});
		await expect(page.getByText('Found: 0.6 % down: too high, it dazzles; lower it by 65 mm.')).toBeVisible();
		await page.getByRole('button', { name: 'Keep this aim' }).click();
		await expect(page.getByText('inside its range.').first()).toBeVisible();
		const sheet = await page.getByRole('link', { name: 'Sheet, A4' }).getAttribute('href');
		expect((await (await page.request.get(sheet ?? '')).body()).subarray(0, 5).toString()).toBe('%PDF-');
		await page.goto(`${CAR}/prove/heat${AT}`, still);
		await fill(page, { 'Body, C': '78', 'Air around, C': '20' });
		await page.getByRole('button', { name: 'Keep this reading' }).click();
		await expect(page.getByText('Match goes by it from now on')).toBeVisible();
		await page.goto(`${CAR}/prove/check${AT}`, still);
		await page.getByRole('button', { name: 'Sign the beam check' }).click();
		await expect(page.getByText('Signed and kept. Match passes this lamp', { exact: false })).toBeVisible();
		await page.getByRole('link', { name: 'See what Match says' }).click();
		await expect(lampRow(page).getByText('Fits', { exact: true })).toBeVisible();
	});
});

test('every mode of a fitted kit, by key, and what it taught', async ({ page }) => {
	await page.goto('/vehicles/aldring-haul-2012/kit', still);
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByLabel('Name of the kit')).toBeVisible();
	await page.getByRole('link', { name: /Prove/ }).click();
	await page.getByRole('link', { name: 'Try every mode' }).click();
	await expect(page.getByRole('heading', { name: 'Everything off, key out, in the dark' })).toBeVisible();
	await page.waitForLoadState('networkidle');
	await page.keyboard.press('a');
	await expect(page.getByRole('heading', { name: /Switch on/ })).toBeVisible();
	expect(await scanned(page)).toEqual([]);
	await page.getByRole('button', { name: 'Left turn, at once', exact: true }).click();
	for (let i = 0; i < 6; i++) {
		await page.keyboard.press('t');
		await page.waitForTimeout(180);
	}
	await expect(page.getByRole('button', { name: 'again' })).toBeVisible();
	await page.keyboard.press('o');
	await page.getByRole('button', { name: 'races' }).click();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByRole('button', { name: 'Left turn, at once', exact: true })).toContainText('otherwise');
	const paper = await page.getByRole('link', { name: 'Paper form' }).getAttribute('href');
	expect((await (await page.request.get(paper ?? '')).body()).subarray(0, 5).toString()).toBe('%PDF-');
	await page.getByRole('button', { name: 'Finish with what there is' }).click();
	await expect(page.getByRole('button', { name: 'Finish with what there is' })).toBeEnabled();
	await page.waitForLoadState('networkidle');
	await page.getByRole('link', { name: 'Overview' }).click();
	await expect(page.getByText(/otherwise in 1 mode, not finished/)).toBeVisible();
});
