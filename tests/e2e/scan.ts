import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

const SERIOUS: readonly unknown[] = ['serious', 'critical'];

/** No page holds another, so one script in the page itself is enough; the rows of a long table or list are all alike. */
const axe = (page: Page) =>
	new AxeBuilder({ page })
		.setLegacyMode()
		.exclude('tr:nth-child(n + 12)')
		.exclude('main > ul > li:nth-child(n + 12)')
		.options({ resultTypes: ['violations'] });

/** What is seriously wrong with the page as it stands, with the first places of each. */
async function problemsOf(scan: AxeBuilder): Promise<string[]> {
	const { violations } = await scan.analyze();
	return violations
		.filter(({ impact }) => SERIOUS.includes(impact))
		.map(
			({ id, nodes }) =>
				`${id}: ${nodes
					.slice(0, 3)
					.map(({ target }) => target)
					.join(' | ')}`
		);
}

/** Every rule in the dark; the light theme differs in colour alone. */
export async function scanned(page: Page): Promise<string[]> {
	const tags = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];
	const dark = await problemsOf(axe(page).withTags(tags));
	await page.evaluate(() => document.documentElement.classList.remove('dark'));
	return [...dark, ...(await problemsOf(axe(page).withRules(['color-contrast'])))];
}
