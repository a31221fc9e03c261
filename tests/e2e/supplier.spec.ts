import { expect, test } from './app';

// In a file of its own: the prices it takes in are those of every test after it.
test('the supplier is asked: new prices are taken in, or it is said why not and the old ones stand', async ({
	page
}) => {
	await page.goto('/stock/supplier', { waitUntil: 'networkidle' });
	await expect(page.getByText('This supplier is simulated', { exact: false })).toBeVisible();
	await page.getByRole('button', { name: 'Ask for prices and stock now' }).click();
	await expect(
		page.getByText(/change.* of price or stock taken in/).or(page.getByText(/last good values are kept/))
	).toBeVisible();
	await expect(page.getByText('Last asked')).toBeVisible();
});
