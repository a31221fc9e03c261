import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { serveReceiver, type Received } from '../../src/lib/server/stand-ins/receiver/server';
import { expect, test } from './app';
import { released } from './released';
import { scanned } from './scan';

const still = { waitUntil: 'networkidle' } as const;

/** The example of a web shop, in a process of its own. */
async function webShop(env: Record<string, string>): Promise<{ address: string; shop: ChildProcess }> {
	const shop = spawn(process.execPath, ['examples/web-shop/server.mjs'], {
		env: { ...process.env, ...env, PORT: '0' },
		stdio: ['ignore', 'pipe', 'inherit']
	});
	const [said] = (await once(shop.stdout, 'data')) as [Buffer];
	return { address: /http\S+/.exec(String(said))?.[0] ?? '', shop };
}

test('a web shop asks with a token, through nothing but the door for programs; a released kit is told and signed', async ({
	page,
	baseURL
}) => {
	const heard: Received[] = [];
	let token = '';

	await test.step('a token is made and shown once', async () => {
		await page.goto('/settings/programs', still);
		await page.getByLabel('Name of the program').fill('Web shop');
		for (const box of await page.getByRole('group', { name: 'It may' }).getByRole('checkbox').all()) await box.check();
		await page.getByRole('button', { name: 'Make a token' }).click();
		token = (await page.getByRole('status').locator('code').textContent()) ?? '';
		expect(token.length).toBeGreaterThan(20);
		expect(await scanned(page)).toEqual([]);
	});

	await test.step('the web shop finds the vehicle by questions, its lamps, and what a kit costs', async () => {
		const { address, shop } = await webShop({ ROTALUX_API: `${baseURL}/api/v1`, ROTALUX_TOKEN: token });
		try {
			await page.goto(address);
			await page.getByLabel(/Make, model and year/).fill('fenholm skerry');
			await page.getByRole('button', { name: 'Find' }).click();
			await page.locator('.choices button').first().click();
			await page.locator('main li button').first().click();
			await expect(page.getByText(/^Lowest price: €/)).toBeVisible();
			await page.getByLabel('Which lamp?').selectOption({ index: 1 });
			await expect(page.getByText(/on the shelf$/).first()).toBeVisible();
			// What the page may not ask is not handed on, though the token is good for it.
			const strange = await page.request.get(`${address}/ask/demand/in-vain`);
			expect(strange.status()).toBe(404);
			expect(await page.content()).not.toContain(token);
		} finally {
			shop.kill('SIGTERM');
			await once(shop, 'exit');
		}
	});

	await test.step('who wants to know of a release is told, and knows who says it', async () => {
		await page.goto('/settings/programs', still);
		const first = await serveReceiver('', () => undefined);
		await page.getByLabel('Address').fill(first.address);
		await page.getByRole('group', { name: 'It is told' }).getByRole('checkbox').first().check();
		await page.getByRole('button', { name: 'Tell this address' }).click();
		const secret = (await page.getByRole('status').locator('code').textContent()) ?? '';
		await first.close();
		const receiver = await serveReceiver(secret, (one) => heard.push(one), {
			port: Number(new URL(first.address).port)
		});
		try {
			const { code } = await released(page);
			await expect.poll(() => heard.length).toBeGreaterThan(0);
			expect(heard[0]).toMatchObject({ genuine: true, again: false });
			expect(JSON.stringify(heard[0]?.message)).toContain(code);
			await page.goto('/settings/programs', still);
			await expect(page.getByText(/arrived/).first()).toBeVisible();
		} finally {
			await receiver.close();
		}
	});
});
