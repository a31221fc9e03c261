// Makes the screenshots of the main views from the demo data, into docs/screenshots. Needs a build (npm run build).
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { chromium } from '@playwright/test';

const PORT = '4188';
const BASE = `http://127.0.0.1:${PORT}`;
const OUT = 'docs/screenshots';
const DATA = '.rotalux/screenshots';
const env = { ...process.env, PORT, ROTALUX_DATA: DATA };

const SKERRY = '/vehicles/fenholm-skerry-ii-2017';
const TARN = '/vehicles/brisken-tarn-2018-us';
const VIEWS = [
	{ name: 'counter-dark', theme: 'dark', path: '/?q=skerry 2018 rear' },
	{ name: 'start-light', theme: 'light', path: '/start' },
	{ name: 'today-light', theme: 'light', path: '/' },
	{ name: 'walk-dark', theme: 'dark', path: `${SKERRY}/walk/low-L` },
	{ name: 'lamps-light', theme: 'light', path: '/reference/lamps?mount=bayonet&length=52' },
	{ name: 'identify-dark', theme: 'dark', path: '/vehicles/identify?q=skery' },
	{ name: 'match-dark', theme: 'dark', path: `${SKERRY}/match/low-L` },
	{ name: 'circuit-brake-dark', theme: 'dark', path: `${SKERRY}/circuit`, keys: '8' },
	{ name: 'kit-dark', theme: 'dark', kit: 'fenholm-skerry-ii-2017', then: '?side=place&place=low-L', look: 2 },
	{ name: 'fitup-light', theme: 'light', path: '/vehicles/brisken-tarn-2018-us/fitup' },
	{ name: 'fitting-tablet-dark', theme: 'dark', path: '/fittings/FBUAJRYDQ', size: { width: 820, height: 1180 } },
	{ name: 'sheet', theme: 'light', kit: 'brisken-fjell-650-2010', release: true, then: '/sheet' },
	{ name: 'prove-dark', theme: 'dark', path: `${TARN}/prove` },
	{
		name: 'beam-dark',
		theme: 'dark',
		path: `${TARN}/prove/beam`,
		press: 'Look at them again',
		wait: 'They compare',
		afterwards: 'By light'
	},
	{ name: 'diagnosis-dark', theme: 'dark', path: '/complaints/CY040' },
	{ name: 'cover-fleet-dark', theme: 'dark', path: '/cover', press: 'Calculate cover', wait: '12 vehicles' },
	{ name: 'cover-assortment-dark', theme: 'dark', path: '/cover/assortment?k=12' },
	{ name: 'practice-light', theme: 'light', path: '/practice/choose-lamp/12/2', answer: ['ice white', 'heat'] },
	{ name: 'skills-dark', theme: 'dark', path: '/practice' }
];

/** Checks a kit and releases it. */
async function releaseKit(page) {
	await page.getByRole('tab', { name: 'Release' }).click();
	for (const field of await page.getByPlaceholder('what you found').all()) await field.fill('looked at it');
	await page.getByLabel('Checked by').fill('A. Lindgard');
	await page.getByRole('button', { name: 'Check it' }).click();
	await page.getByRole('button', { name: /^Release revision/ }).click();
	await page.getByText(/, released$/).waitFor();
}

const only = process.argv.slice(2);
rmSync(DATA, { recursive: true, force: true });
spawnSync(process.execPath, ['node_modules/.rotalux-cli/main.js', 'load-demo'], {
	env,
	stdio: ['ignore', 'ignore', 'inherit']
});
const server = spawn(process.execPath, ['scripts/serve.mjs'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
await once(server.stdout, 'data');

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
try {
	for (const {
		name,
		theme,
		path,
		size,
		kit,
		then,
		release,
		look,
		answer,
		press,
		wait,
		afterwards,
		keys = ''
	} of VIEWS.filter((view) => only.length === 0 || only.includes(view.name))) {
		const viewport = size ?? { width: 1280, height: 800 };
		const context = await browser.newContext({ viewport, colorScheme: theme });
		const page = await context.newPage();
		await page.addInitScript((mode) => localStorage.setItem('mode-watcher-mode', mode), theme);
		await page.goto(BASE + (path ?? `/vehicles/${kit}/kit`), { waitUntil: 'networkidle' });
		if (kit) {
			await page.getByRole('button', { name: 'Work out the kit' }).click();
			await page.waitForURL(/kit\/K/);
			await page.waitForLoadState('networkidle');
			const address = page.url();
			if (release) await releaseKit(page);
			if (then) await page.goto(address + then);
			await page.waitForLoadState('networkidle');
			if (look !== undefined) {
				await page.getByRole('list', { name: 'What may go here' }).getByRole('button').nth(look).click();
				await page.getByText('with every other lamp as it is').waitFor();
			}
		}
		if (answer) {
			for (const words of answer) await page.getByLabel(words).check();
			await page.getByRole('button', { name: 'Answer' }).click();
			await page.getByRole('heading', { name: 'Why' }).waitFor();
		}
		if (press) await page.getByRole('button', { name: press }).last().click();
		if (wait) await page.getByRole('heading', { name: wait }).waitFor();
		if (afterwards) await page.getByRole('button', { name: afterwards }).click();
		for (const key of keys) await page.keyboard.press(key);
		if (keys) await page.waitForTimeout(120);
		await page.screenshot({ path: `${OUT}/${name}.png` });
		console.log(`${OUT}/${name}.png`);
		await context.close();
	}
} finally {
	await browser.close();
	server.kill();
}
