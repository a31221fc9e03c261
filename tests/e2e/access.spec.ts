import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { scanned } from './scan';

// Nine pages, each in two themes and two sizes: a slow machine takes its time.
test.describe.configure({ timeout: 180_000 });

const SCREENS = {
	'Counter and vehicles': [
		'/',
		'/?q=skerry+stop',
		'/start',
		'/vehicles',
		'/vehicles/import',
		'/vehicles/new',
		'/vehicles/identify?q=skerry',
		'/vehicles/possible?c=fenholm-skerry-i-2012&c=fenholm-skerry-ii-2022',
		'/vehicles/compare?c=fenholm-skerry-i-2012&c=fenholm-skerry-ii-2022',
		'/questions?q=tarrow-packhorse-2014&q=socket&q=marker-2-L&q=lens'
	],
	'The record of a vehicle': [
		'/vehicles/tarrow-packhorse-2014/identify',
		'/vehicles/tarrow-packhorse-2014/walk/low-L',
		'/vehicles/tarrow-packhorse-2014/walk?view=list',
		'/vehicles/tarrow-packhorse-2014/walk/fog-L?view=room',
		'/vehicles/tarrow-packhorse-2014/channels/stop',
		'/vehicles/brisken-tarn-2018/access/relay-block?to=flasher',
		'/vehicles/fenholm-skerry-ii-2022/sister?from=fenholm-skerry-i-2012',
		'/vehicles/tarrow-packhorse-2014/sheet',
		'/vehicles/tarrow-packhorse-2014/history'
	],
	Proofs: [
		'/vehicles/fenholm-skerry-ii-2022/prove',
		'/vehicles/fenholm-skerry-ii-2022/prove/modes',
		'/vehicles/brisken-tarn-2018-us/prove/light',
		'/vehicles/brisken-tarn-2018-us/prove/beam',
		'/vehicles/fenholm-skerry-ii-2022/prove/aim?place=fog-L',
		'/vehicles/fenholm-skerry-ii-2022/prove/heat?place=fog-L',
		'/vehicles/fenholm-skerry-i-2012/prove/check?place=fog-L'
	],
	Complaints: [
		'/complaints',
		'/complaints/new?vehicle=fenholm-skerry-i-2012',
		'/complaints/CY040',
		'/follow-ups',
		'/learned/2026-06',
		'/stock/GL-W5-30/history'
	],
	'Cover and customers': [
		'/cover',
		'/cover/matrix',
		'/cover/missing',
		'/cover/assortment',
		'/cover/places',
		'/cover/demand',
		'/cover/kits',
		'/sales',
		'/sales/new',
		'/sales/SFERRY2'
	],
	'Match, circuit and kit': [
		'/vehicles/fenholm-skerry-ii-2017/match/low-L',
		'/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=fit',
		'/vehicles/fenholm-skerry-ii-2017/match/stop-tail-L?tab=colour',
		'/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=heat',
		'/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=compare&with=GL-H7-C,TD-H7-L',
		'/vehicles/fenholm-sound-2015/whole?stock=on&kelvin=4300',
		'/vehicles/fenholm-skerry-ii-2017/circuit',
		'/vehicles/fenholm-skerry-ii-2017/kit',
		'/kits',
		'/vehicles/brisken-tarn-2018-us/fitup',
		'/fittings',
		'/fittings/FBUAJRYDQ'
	],
	'Stock, reference and settings': [
		'/stock/QU-H7-ANY',
		'/stock/new',
		'/reference/interchange?category=3157',
		'/stock/supplier',
		'/stock',
		'/reference',
		'/reference/lamps?mount=bayonet',
		'/practice',
		'/practice/cases',
		'/practice/set-collar/5/1',
		'/practice/find-cause/4/3',
		'/practice/pack-kit/1/3',
		'/stock/reorder',
		'/settings/branches',
		'/settings/people',
		'/settings/programs',
		'/settings'
	]
};

/** How far the page reaches over its right side at a size, px. */
async function overhang(page: Page, width: number, height: number): Promise<number> {
	await page.setViewportSize({ width, height });
	return page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
}

for (const [area, addresses] of Object.entries(SCREENS))
	test(`${area}: nothing serious in either theme, nothing cut off on a tablet or enlarged twice`, async ({ page }) => {
		for (const address of addresses) {
			await page.setViewportSize({ width: 1280, height: 800 });
			await page.goto(address);
			expect.soft(await scanned(page), address).toEqual([]);
			expect.soft(await overhang(page, 820, 1180), `${address}, 820 wide`).toBeLessThanOrEqual(0);
			expect.soft(await overhang(page, 640, 400), `${address}, 640 wide`).toBeLessThanOrEqual(0);
		}
	});

test('A kit and its sheet: nothing serious in either theme', async ({ page }) => {
	await page.goto('/vehicles/tarrow-packhorse-2014/kit');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByRole('region', { name: 'Lines' })).toBeVisible();
	const kit = page.url();
	const sides = ['place&place=low-L', 'open', 'weigh', 'release', 'papers'].map((side) => `${kit}?side=${side}`);
	for (const address of [kit, ...sides, `${kit}/sheet`]) {
		await page.goto(address);
		expect.soft(await scanned(page), address).toEqual([]);
	}
});
