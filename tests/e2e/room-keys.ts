import { expect, type Page } from '@playwright/test';

/** Goes to a room as a person does, by g and its key, and once more where the page was not listening yet. */
export async function goByKeys(page: Page, key: string, path: string): Promise<void> {
	await expect(async () => {
		await page.keyboard.press('g');
		await page.keyboard.press(key);
		await expect(page).toHaveURL((url) => url.pathname === path, { timeout: 3000 });
	}).toPass();
}
