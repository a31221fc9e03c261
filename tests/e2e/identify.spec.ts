import { expect, test } from './app';

test('a vehicle is found by what can be seen, typing errors and all', async ({ page }) => {
	await page.goto('/vehicles');
	await page.getByRole('searchbox', { name: 'Search' }).fill('fenhlom skery');
	await page.keyboard.press('Enter');
	await expect(page.getByText('“skery” read as skerry')).toBeVisible();
	const seen = page.getByRole('region', { name: 'What can be seen' });
	const possible = page.getByRole('region', { name: 'Vehicles that are possible' });
	await expect(possible.getByRole('heading', { name: '4 of 4 possible' })).toBeVisible();
	await expect(seen).toContainText('Is there a round lens in front of the low-beam lamp?');
	await seen.getByRole('button', { name: "Don't know" }).click();
	await expect(seen).toContainText("don't know");
	await expect(possible.getByRole('heading', { name: '4 of 4 possible' })).toBeVisible();
	await seen.getByRole('button', { name: 'take back' }).click();
	await seen.getByRole('button', { name: 'No, an open bowl' }).click();
	await expect(possible.getByRole('heading', { name: '2 of 4 possible' })).toBeVisible();
	await page.reload();
	await expect(possible.getByRole('heading', { name: '2 of 4 possible' })).toBeVisible();
	await expect(possible.getByRole('table')).toContainText('Front fog, both');

	await page.getByRole('link', { name: 'What fits all 2' }).click();
	await expect(page.getByRole('row', { name: /Glovebox.*W5W.*Fits/ })).toBeVisible();
	await page.goBack();
	await page.getByRole('link', { name: 'Compare' }).click();
	await expect(page.getByRole('heading', { name: /differences; everything else is the same/ })).toBeVisible();
});

test('a vehicle identification number is decoded by a stand-in that says so', async ({ page }) => {
	await page.goto('/vehicles/identify');
	const line = page.getByRole('searchbox');
	await line.fill('0FHSK2P07J0000001');
	await expect(page.getByText('The check digit is right.')).toBeVisible();
	await expect(page.getByText(/simulated, its makers are made up/)).toBeVisible();
	await expect(page.getByText('This is the one')).toBeVisible();
	await line.fill('0FHSK2P07J00O0001');
	await expect(page.getByRole('alert')).toContainText('Character 13, “O”, does not occur in these numbers');
	await line.fill('0FHSK2P07J0000');
	await expect(page.getByRole('alert')).toContainText('has 17 characters; this has 14');
});

test('a record is split, changed, compared, kept apart, and merged once it is alike', async ({ page }) => {
	await page.goto('/vehicles/brisken-fjell-650-2010/identify');
	await page.getByLabel(/First model year of the new one/).fill('2030');
	await page.getByRole('button', { name: 'Split', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('a split must begin from 2011 to 2018');
	await page.getByLabel(/First model year of the new one/).fill('2015');
	await page.getByRole('button', { name: 'Split', exact: true }).click();
	await expect(page).toHaveURL(/brisken-fjell-650-2015\/identify/);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('2015 to 2018');

	const identity = page.getByRole('form', { name: 'Identity' });
	await identity.getByLabel('First model year').fill('2013');
	await identity.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('alert')).toContainText('nothing else tells the two apart');
	await expect(identity.getByLabel('First model year')).toHaveValue('2013');

	await page.goto('/vehicles/brisken-fjell-650-2015/walk/plate', { waitUntil: 'networkidle' });
	await page.getByRole('button', { name: /^Lamp category/ }).click();
	await page.getByRole('region', { name: 'Socket' }).getByLabel('Lamp category').fill('C5W');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/lamp category C5W/)).toBeVisible();
	await page.goto('/vehicles/brisken-fjell-650-2010/identify');
	const merge = page.getByRole('region', { name: 'Compare and merge' });
	await merge.getByLabel('With').selectOption('brisken-fjell-650-2015');
	await merge.getByRole('button', { name: /Merge into this one/ }).click();
	await expect(page.getByRole('alert')).toContainText('They differ in 1 thing, so they stay two.');
	await expect(page.getByRole('table').first()).toContainText('Lamp category');

	await page.goto('/vehicles/brisken-fjell-650-2015/history');
	await page.getByRole('button', { name: /^Undo/ }).click();
	await page.goto('/vehicles/brisken-fjell-650-2010/identify');
	await merge.getByLabel('With').selectOption('brisken-fjell-650-2015');
	await merge.getByRole('button', { name: /Merge into this one/ }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Merged' })).toContainText('2010 to 2018');
	await page.goto('/vehicles/brisken-fjell-650-2015/walk');
	await expect(page).toHaveURL(/brisken-fjell-650-2010\/walk/);
});

test('a shared lamp unit is put right once, for every vehicle that has it', async ({ page }) => {
	await page.goto('/vehicles/fenholm-skerry-i-2012/walk/repeater-L', { waitUntil: 'networkidle' });
	const socket = page.getByRole('region', { name: 'Socket' });
	await expect(socket).toContainText('Shared lamp unit repeater-oval');
	await socket.getByRole('button', { name: /^Held by/ }).click();
	await socket.getByLabel('Held by').fill('push');
	await socket.getByLabel('Source').selectOption('manual');
	await socket.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText(/\(Repeater, oval, 2 vehicles\)/)).toBeVisible();
	await page.getByRole('button', { name: 'Take it back in the shared unit' }).click();
	await expect(page.getByText(/Taken back: .*held by push/)).toBeVisible();
	await socket.getByRole('button', { name: /^Held by/ }).click();
	await socket.getByLabel('Held by').fill('push');
	await socket.getByRole('button', { name: 'Save' }).click();
	// What was said of the step before names the unit as well.
	await expect(page.getByText(/Taken back: .*held by push/)).toHaveCount(0);
	await expect(page.getByText(/\(Repeater, oval, 2 vehicles\)/)).toBeVisible();
	await page.goto('/vehicles/tarrow-packhorse-2014/walk/repeater-R', { waitUntil: 'networkidle' });
	await expect(socket.getByRole('button', { name: /^Held by push/ })).toContainText('manual');
	await page.goto('/vehicles/fenholm-skerry-ii-2022/identify');
	const units = page.getByRole('region', { name: 'Shared lamp units' });
	await expect(units.getByRole('row', { name: /Repeater, oval.*VH-R5/ })).toContainText('tarrow-packhorse-2014');
});
