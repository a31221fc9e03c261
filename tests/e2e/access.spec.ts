import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

const SCREENS = [
	['/', 'Counter'],
	['/?q=skerry+stop', 'Counter with an answer'],
	['/vehicles', 'Vehicles'],
	['/vehicles/import', 'Import'],
	['/vehicles/new', 'New vehicle'],
	['/vehicles/identify?q=skerry', 'Identify'],
	['/vehicles/possible?c=fenholm-skerry-i-2012&c=fenholm-skerry-ii-2022', 'What fits all'],
	['/vehicles/compare?c=fenholm-skerry-i-2012&c=fenholm-skerry-ii-2022', 'Compare'],
	['/vehicles/tarrow-packhorse-2014/identify', 'Identity of a vehicle'],
	['/vehicles/tarrow-packhorse-2014/walk/low-L', 'Walk'],
	['/vehicles/tarrow-packhorse-2014/walk?view=list', 'Walk as a list'],
	['/vehicles/tarrow-packhorse-2014/walk/fog-L?view=room', 'Room of a socket'],
	['/vehicles/tarrow-packhorse-2014/channels/stop', 'Channels'],
	['/vehicles/fenholm-skerry-ii-2022/sister?from=fenholm-skerry-i-2012', 'Sister'],
	['/vehicles/tarrow-packhorse-2014/sheet', 'Spreadsheet'],
	['/vehicles/tarrow-packhorse-2014/history', 'History'],
	['/questions?q=tarrow-packhorse-2014&q=socket&q=marker-2-L&q=lens', 'Questions'],
	['/vehicles/fenholm-skerry-ii-2017/match/low-L', 'Match'],
	['/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=fit', 'Fit of a candidate'],
	['/vehicles/fenholm-skerry-ii-2017/match/stop-tail-L?tab=colour', 'Colour of a candidate'],
	['/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=heat', 'Heat of a candidate'],
	['/vehicles/fenholm-skerry-ii-2017/match/low-L?tab=compare&with=GL-H7-C,TD-H7-L', 'Candidates compared'],
	['/vehicles/fenholm-sound-2015/whole?stock=on&kelvin=4300', 'Whole vehicle'],
	['/vehicles/fenholm-skerry-ii-2017/circuit', 'Circuit'],
	['/stock/QU-H7-ANY', 'A product'],
	['/stock/new', 'New product'],
	['/reference/interchange?category=3157', 'Interchange map'],
	['/vehicles/fenholm-skerry-ii-2017/kit', 'Kits of a vehicle'],
	['/kits', 'Kits'],
	['/stock/supplier', 'Prices and stock'],
	['/stock', 'Stock'],
	['/reference', 'Reference'],
	['/settings', 'Settings']
] as const;

for (const theme of ['light', 'dark'] as const)
	for (const [address, name] of SCREENS)
		test(`${name}, ${theme}: an accessibility scan finds nothing serious`, async ({ page }) => {
			await page.addInitScript((mode) => localStorage.setItem('mode-watcher-mode', mode), theme);
			await page.goto(address);
			const scan = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
			// The themes differ in colour and in nothing else, so that the second one is looked at for contrast alone.
			const { violations } = await (
				theme === 'dark'
					? scan.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
					: scan.withRules(['color-contrast'])
			).analyze();
			const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
			expect(
				serious.map(
					(v) =>
						`${v.id}: ${v.nodes
							.map((n) => n.target)
							.slice(0, 3)
							.join(' | ')}`
				)
			).toEqual([]);
		});

test('a kit and its sheet: an accessibility scan finds nothing serious', async ({ page }) => {
	await page.goto('/vehicles/tarrow-packhorse-2014/kit');
	await page.getByRole('button', { name: 'Work out the kit' }).click();
	await expect(page.getByRole('region', { name: 'Lines' })).toBeVisible();
	const kit = page.url();
	const sides = ['place&place=low-L', 'open', 'weigh', 'release', 'papers'].map((side) => `${kit}?side=${side}`);
	for (const address of [kit, ...sides, `${kit}/sheet`]) {
		await page.goto(address);
		const { violations } = await new AxeBuilder({ page })
			.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
			.analyze();
		expect(
			violations
				.filter((v) => v.impact === 'serious' || v.impact === 'critical')
				.map((v) => `${v.id}: ${v.nodes[0]?.target}`)
		).toEqual([]);
	}
});

for (const [width, height] of [
	[820, 1180],
	[640, 400]
] as const)
	test(`at ${width} x ${height} nothing is cut off at the side`, async ({ page }) => {
		await page.setViewportSize({ width, height });
		for (const [address] of SCREENS) {
			await page.goto(address);
			const over = await page.evaluate(
				() => document.documentElement.scrollWidth - document.documentElement.clientWidth
			);
			expect(over, address).toBeLessThanOrEqual(0);
		}
	});
