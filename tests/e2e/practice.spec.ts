import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import type { Posed } from '../../src/lib/core/practice';
import { expect, test } from './app';
import { scanned } from './scan';

const partsOf = (page: Page) => new URL(page.url()).pathname.split('/').slice(-3);

/** The exercise on the screen with its truth, by its address. */
function exerciseOn(page: Page): Posed {
	const said = execFileSync('npx', ['--no-install', 'tsx', 'tests/support/pose.ts', ...partsOf(page)], {
		encoding: 'utf8',
		stdio: ['ignore', 'pipe', 'ignore']
	});
	return JSON.parse(said) as Posed;
}

/** Answers what is on the screen, rightly or not, as somebody who knows the truth; gives what the core says of it. */
async function answer(page: Page, isRight: boolean) {
	const { question, judged, rightReasons } = exerciseOn(page);
	const index = question.choices.findIndex(({ id }) => (judged[id]?.outcome === 'right') === isRight);
	await page.keyboard.press(String(index + 1));
	const reason = question.reason?.choices.find(({ id }) => rightReasons.includes(id));
	if (reason)
		await page.getByRole('group', { name: question.reason!.question }).getByText(reason.words, { exact: true }).click();
	await page.getByRole('button', { name: 'Answer' }).click();
	return judged[question.choices[index]!.id]!;
}

test('a learner misses, learns why, and meets it again', async ({ page }) => {
	await page.goto('/practice', { waitUntil: 'networkidle' });
	await expect(page.getByRole('row', { name: /set the collar never tried/i })).toBeVisible();
	await page.getByRole('button', { name: 'Next exercise' }).click();
	await expect(page).toHaveURL(/practice\/[a-z-]+\/\d+\/1$/);
	await page.waitForLoadState('networkidle');

	const [kind = ''] = partsOf(page);
	const judged = await answer(page, false);
	const score = page.getByRole('region', { name: 'How it was scored' });
	await expect(score.getByTestId('outcome')).toHaveText(/Wrong|Too careful|Right by luck/);
	await expect(score).toContainText(judged.opened[0]!.why);
	await expect(score).toContainText(`Source: ${judged.opened[0]!.source}`);
	expect(await scanned(page)).toEqual([]);

	for (let i = 0; i < 2; i++) {
		const before = page.url();
		await page.keyboard.press('n');
		await expect(page).not.toHaveURL(before);
		await page.waitForLoadState('networkidle');
		expect(partsOf(page)[0]).not.toBe(kind);
		await answer(page, true);
		await expect(score.getByTestId('outcome')).toHaveText('Right');
	}
	await page.getByRole('button', { name: 'Next exercise' }).click();
	await expect(page).toHaveURL(new RegExp(`practice/${kind}/`));

	await page.getByRole('link', { name: 'Practice', exact: true }).last().click();
	await expect(page.getByText('3 answers today')).toBeVisible();
	await expect(page.getByRole('row', { name: /to be learned.*(tomorrow|in 2 days)/ })).toBeVisible();
	expect(await scanned(page)).toEqual([]);
	// Nothing of it came into the shop.
	await page.goto('/vehicles?q=practice');
	await expect(page.getByRole('main')).not.toContainText('practice-');
});

test('a visitor of the demo answers three questions, and is led to the practice', async ({ page }) => {
	await page.goto('/', { waitUntil: 'networkidle' });
	await page.getByRole('link', { name: /Three questions in three minutes/ }).click();
	for (const step of [1, 2, 3]) {
		await expect(page.getByText(`${step} of 3`)).toBeVisible();
		await page.waitForLoadState('networkidle');
		await answer(page, step !== 2);
		await expect(page.getByTestId('outcome')).toHaveText(step === 2 ? 'Wrong' : 'Right');
		await page.getByRole('link', { name: step < 3 ? 'Next question' : 'Go on practising' }).click();
	}
	await expect(page.getByText('3 answers today').or(page.getByText('6 answers today'))).toBeVisible();
});
