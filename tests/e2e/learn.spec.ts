import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { released } from './released';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;

/** A lamp of a kit, and the place it sits in. */
async function lampOf(page: Page, kit: string): Promise<{ product: string; socket: string }> {
	const document = await page.request.get(`${kit}/kit.json`).then((answer) => answer.json());
	const lines: { product?: string; sockets: string[] }[] = document.kits[0].answer.lines;
	const line = lines.find(({ product, sockets }) => product && sockets.some((id) => id.startsWith('stop')));
	return { product: line!.product!, socket: line!.sockets.find((id) => id.startsWith('stop'))! };
}

test('from what a customer sends, by tests in the bay, to a lamp that is kept out and a kit that is flagged', async ({
	page
}) => {
	const { kit, code } = await released(page);
	const { product, socket } = await lampOf(page, kit);

	await test.step('a customer chooses what is seen; nothing counts until somebody has read it', async () => {
		await page.goto(`/k/${code}/complaint`, still);
		await page.getByRole('button', { name: 'Does not light' }).click();
		await page.getByLabel('With').selectOption('brake');
		await page.getByLabel('Where').selectOption(`socket:${socket}`);
		expect(await scanned(page)).toEqual([]);
		await page.getByRole('button', { name: 'Send it to the shop' }).click();
		await expect(page.getByText('Sent. Somebody of the shop reads it', { exact: false })).toBeVisible();
		await page.goto('/', still);
		await page.getByRole('link', { name: '1 message from customers to read' }).click();
		await page.getByRole('button', { name: 'It is one' }).click();
		await expect(page.getByText('It counts now', { exact: false })).toBeVisible();
	});

	await test.step('the same once more at the counter is named, not filed; a code nobody released is said', async () => {
		await page.goto('/complaints/new?code=NONE-NONE-NONE', still);
		await expect(
			page.getByText('There is no released kit with the code “NONE-NONE-NONE”.', { exact: false })
		).toBeVisible();
		await page.goto(`/complaints/new?code=${code}`, still);
		await page.getByRole('button', { name: 'Does not light' }).click();
		await page.getByLabel('With').selectOption('brake');
		await page.getByLabel('Where').selectOption(`socket:${socket}`);
		await page.getByRole('button', { name: 'File it and look for the cause' }).click();
		await expect(page.getByText('The same is filed already', { exact: false })).toBeVisible();
		await page.getByRole('link', { name: 'Open the one that is filed' }).click();
		await expect(page.getByRole('heading', { name: 'Does not light' })).toBeVisible();
	});

	await test.step('tests are answered where they are asked; the order follows, and an answer can be taken back', async () => {
		const causes = page.getByRole('region', { name: 'Causes' }).getByRole('listitem');
		const question = page.getByRole('region', { name: 'Next test' }).locator('p.font-medium').first();
		const first = await question.textContent();
		const before = await causes.first().textContent();
		await page.getByRole('button', { name: 'No', exact: true }).first().click();
		await expect(question).not.toHaveText(first ?? '');
		await expect(causes.first()).not.toHaveText(before ?? '');
		await page.getByRole('button', { name: /^Take the answer back/ }).click();
		await expect(question).toHaveText(first ?? '');
		await page.getByLabel('Mode').selectOption('position');
		await expect(page).toHaveURL(/mode=position/);
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('settled by its cause, with what it cost, and never again', async () => {
		await page.getByLabel('What it was').selectOption('other:bad-batch');
		await page.getByLabel('What ended it').selectOption('part');
		await page.getByLabel('Minutes').fill('a while');
		await page.getByLabel('Never again', { exact: false }).check();
		await page.getByRole('button', { name: 'Settle', exact: true }).click();
		await expect(page.getByRole('alert')).toContainText('Minutes have to be a number');
		await page.getByLabel('Minutes').fill('20');
		await page.getByLabel('Cost, EUR').fill('12,50');
		await page.getByRole('button', { name: 'Settle', exact: true }).click();
		await expect(page.getByRole('heading', { name: /^Settled on/ })).toBeVisible();
		await expect(page.getByText('20 min · 12.50', { exact: false })).toBeVisible();
		await expect(page.getByLabel('For the customer, to copy')).toHaveValue(/bad batch of the lamp/);
		await expect(page.getByRole('region', { name: 'Released kits' })).toContainText('revise it, release it again');
	});

	await test.step('Match refuses it there, the kit is flagged, the product remembers', async () => {
		const match = `${kit.replace(/\/kit\/.*/, '')}/match/${socket}`;
		await page.goto(match, still);
		const name = (await page.request.get(`${kit}/kit.json`).then((answer) => answer.json())).kits[0].answer.lines.find(
			(line: { product?: string }) => line.product === product
		).name;
		await expect(page.getByRole('row', { name }).first()).toContainText('Refused');
		await page.goto('/kits', still);
		await expect(page.getByRole('row', { name: new RegExp(code) })).toContainText('changed under it');
		await page.goto(`/stock/${product}/history`, still);
		await expect(page.getByText('never again', { exact: false }).first()).toBeVisible();
		await expect(page.getByText('Bad batch of the lamp', { exact: false }).first()).toBeVisible();
	});

	await test.step('the month says so', async () => {
		await page.goto('/learned', still);
		await expect(page.getByRole('heading', { name: 'Never again' })).toBeVisible();
		await expect(page.getByText('bad batch of the lamp', { exact: false }).first()).toBeVisible();
	});
});

test('asking after fittings goes by single keys, and what is wrong becomes a complaint', async ({ page }) => {
	await page.goto('/follow-ups', still);
	const due = async () =>
		Number(/(\d+) due/.exec((await page.getByRole('heading', { level: 1 }).textContent()) ?? '')?.[1]);
	const before = await due();
	await page.keyboard.press('f');
	await expect(page.getByText('Noted: still fine.')).toBeVisible();
	expect(await due()).toBe(before - 1);
	await page.getByRole('button', { name: 'Take it back' }).click();
	await expect(page.getByText('Taken back', { exact: false })).toBeVisible();
	expect(await due()).toBe(before);
	await page.keyboard.press('w');
	await page.getByRole('button', { name: 'Water or mist in the lamp unit' }).click();
	await page.getByRole('button', { name: 'File it as a complaint' }).click();
	await expect(page.getByRole('heading', { name: 'Water or mist in the lamp unit' })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Causes' })).toContainText('Seal or cap leaks');
});
