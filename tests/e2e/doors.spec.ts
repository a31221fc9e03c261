import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { serve, type Served } from '../support/served';

const FOLDER = '.rotalux/e2e-doors';
const PASSWORD = 'a long enough one';
let served: Served;

const cli = (input: string, ...asked: string[]) =>
	spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', ...asked], {
		input,
		env: { ...process.env, ROTALUX_DATA: FOLDER }
	});

test.beforeAll(async () => {
	rmSync(FOLDER, { recursive: true, force: true });
	cli('', 'load-demo');
	cli(PASSWORD, 'owner', 'A. Lindgard');
	served = await serve(FOLDER);
});

test.afterAll(() => served.stop());

test('a shop with accounts asks who comes, lets each do their part, and loses nothing typed when a session ends', async ({
	page,
	context
}) => {
	const signIn = async (name: string, password: string) => {
		await page.getByLabel('Name').fill(name);
		await page.getByLabel('Password', { exact: true }).fill(password);
		await page.getByRole('button', { name: 'Sign in' }).click();
	};

	await test.step('the owner gives somebody at the counter an account', async () => {
		await page.goto(`${served.address}/settings/people`);
		await signIn('A. Lindgard', PASSWORD);
		const form = page.locator('form', { has: page.getByRole('button', { name: 'Give an account' }) });
		await form.getByLabel('Name').fill('M. Tveter');
		await form.getByLabel('Role').selectOption('counter');
		await form.getByLabel(/Password/).fill(PASSWORD);
		await form.getByRole('button', { name: 'Give an account' }).click();
		await expect(page.getByRole('region', { name: 'M. Tveter' })).toBeVisible();
		await context.clearCookies();
	});

	await test.step('a wrong password is said, and the name stays', async () => {
		await page.goto(`${served.address}/kits`);
		await expect(page).toHaveURL(/sign-in/);
		await signIn('M. Tveter', 'not this one at all');
		await expect(page.getByRole('alert')).toBeVisible();
		await expect(page.getByLabel('Name')).toHaveValue('M. Tveter');
	});

	await test.step('the right one leads to where one was going', async () => {
		await signIn('M. Tveter', PASSWORD);
		await expect(page.getByRole('heading', { name: 'Kits' })).toBeVisible();
	});

	await test.step('the counter starts kits, and sees beforehand what is for others', async () => {
		await page.goto(`${served.address}/settings`, { waitUntil: 'networkidle' });
		const policy = page.locator('form', { has: page.getByRole('button', { name: 'Save the policy' }) });
		await expect(policy.getByRole('button', { name: 'Save the policy' })).toBeDisabled();
		await expect(policy).toContainText('For the owner.');
		await page.goto(`${served.address}/vehicles/tarrow-packhorse-2014/walk/low-L`);
		await expect(
			page.getByText('Changes to this record are for the owner, fitment specialist or workshop.')
		).toBeVisible();
		await page.goto(`${served.address}/vehicles/tarrow-packhorse-2014/kit`);
		await expect(page.getByRole('button', { name: 'Work out the kit' })).toBeEnabled();
	});

	await test.step('and is refused whatever the page would have said', async () => {
		const headers = { origin: served.address, accept: 'application/json', 'x-sveltekit-action': 'true' };
		const answer = await page.request.post(`${served.address}/settings?/policy`, { headers, form: {} });
		expect(answer.status()).toBe(403);
		expect(await answer.text()).toContain('As counter you may not change policy');
	});

	await test.step('a session that was ended elsewhere: the form says so, and what was typed is still there', async () => {
		await page.goto(`${served.address}/vehicles/tarrow-packhorse-2014/kit`, { waitUntil: 'networkidle' });
		await page.getByLabel('Name').fill('For the harbour office');
		await context.clearCookies({ name: 'rotalux-session' });
		await page.getByRole('button', { name: 'Work out the kit' }).click();
		await expect(page.getByRole('alert')).toContainText('Nobody is signed in here any more');
		await expect(page.getByLabel('Name')).toHaveValue('For the harbour office');
	});
});
