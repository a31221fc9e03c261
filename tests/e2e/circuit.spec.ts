import { expect, test } from './app';

const still = { waitUntil: 'networkidle' } as const;

test('modes are played, complaints shown, remedies tried, and the scan tool reads the same', async ({ page }) => {
	await page.goto('/vehicles/fenholm-sound-2015/circuit', still);
	const dash = page.getByRole('region', { name: 'Dash' });
	const rota = page.getByRole('listbox', { name: /Sockets of Fenholm Sound/ });
	await page.getByRole('button', { name: 'Left turn' }).first().click();
	await expect(dash).toContainText('double rate, left arrow');
	await expect(dash).toContainText('Flashes left 180 a minute');
	await expect(rota.getByRole('option', { name: /Front turn, left.*lit amber, flashing 180 a minute/ })).toHaveCount(1);

	await page.getByRole('group', { name: 'Fitted with' }).getByRole('button', { name: 'Stock lamps' }).click();
	await expect(dash).toContainText('Flashes left 90 a minute');
	await page.getByRole('button', { name: 'LEDs and remedies' }).click();
	await expect(dash).toContainText('Flashes left 90 a minute');
	await expect(dash).toContainText('No message.');
	await page.getByRole('button', { name: 'LEDs chosen' }).click();
	await page.getByRole('button', { name: 'front only' }).click();
	await expect(dash).toContainText('180 a minute');

	const remedies = page.getByRole('region', { name: 'Remedies' });
	await expect(remedies).toContainText('proven best');
	await expect(remedies).toContainText('the flasher is in the body computer: there is no unit to change');

	await page.getByRole('button', { name: 'Read with the scan tool' }).click();
	await expect(page.getByText('Simulated scan tool: made up from this model')).toBeVisible();
	await expect(page.getByRole('status').filter({ hasText: 'Simulated scan tool' })).toContainText(
		'left turn signals: double rate, left arrow'
	);
});

test('keys switch the modes, a fault is tried, and the supply falls', async ({ page }) => {
	await page.goto('/vehicles/tarrow-packhorse-2014/circuit', still);
	await page.getByRole('button', { name: 'Stock lamps' }).click();
	await page.keyboard.press('8');
	const dash = page.getByRole('region', { name: 'Dash' });
	await expect(dash.getByRole('heading')).toHaveText('Dash: Brake');
	await expect(dash).toContainText('No message.');
	const rota = page.getByRole('listbox', { name: /Sockets of/ });
	await rota.getByRole('option', { name: /Rear stop \/ tail, left/ }).click();
	await page.getByRole('checkbox', { name: 'lamp out' }).check();
	await page.keyboard.press('Escape');
	await expect(page.getByRole('region', { name: 'Faults' })).toContainText('Take all 1 faults out');
	await expect(
		page.getByRole('region', { name: 'Outputs' }).getByRole('row', { name: /^stop and high stop lamps/ })
	).toContainText(/at least 1\.60 A/);
	await page.getByRole('slider', { name: /Supply/ }).fill('9.5');
	await expect(page.getByText('Supply 9.5 V')).toBeVisible();
});
