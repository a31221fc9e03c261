import type { Page } from '@playwright/test';
import { expect } from './app';

/** A kit of the small trailer, checked and released; its address and code. */
export async function released(page: Page): Promise<{ kit: string; code: string }> {
	await page.goto('/', { waitUntil: 'networkidle' });
	await page.getByLabel('Vehicle and function').fill('aldring net kit');
	await page.getByRole('button', { name: 'Start this kit' }).first().click();
	await expect(page.getByLabel('Name of the kit')).toHaveValue('Kit, lowest price');
	await page.getByRole('tab', { name: 'Release' }).click();
	for (const field of await page.getByPlaceholder('what you found').all()) await field.fill('looked at it');
	await page.getByLabel('Checked by').fill('M. Tveter');
	await page.getByRole('button', { name: 'Check it' }).click();
	await expect(page.getByTestId('state')).toHaveText('checked by M. Tveter');
	await page.getByRole('button', { name: 'Release revision 1' }).click();
	await expect(page.getByTestId('state')).toHaveText(/^[\dA-Z]{4}-[\dA-Z]{4}-[\dA-Z]{4}, released/);
	const state = (await page.getByTestId('state').textContent()) ?? '';
	return { kit: page.url().replace(/\?.*/, ''), code: state.replace(/,.*/, '') };
}
