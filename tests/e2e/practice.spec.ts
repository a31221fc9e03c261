import type { Page } from '@playwright/test';
import { runnerImport } from 'vite';
import type { Question, Score } from '../../src/lib/core/practice';
import type * as Pose from '../support/pose';
import { expect, test } from './app';
import { scanned } from './scan';

let pose: typeof Pose;

// The core is written for a bundler: the runner of these tests does not read it by itself.
test.beforeAll(async () => {
	({ module: pose } = await runnerImport<typeof Pose>('tests/support/pose.ts', { configFile: false }));
});

const partsOf = (page: Page) => new URL(page.url()).pathname.split('/').slice(-3);

/** Puts an answer in by hand, whatever its form. */
async function give(page: Page, { answer }: Question, chosen: string): Promise<void> {
	switch (answer.by) {
		case 'choice':
			return page.keyboard.press(String(answer.choices.findIndex(({ id }) => id === chosen) + 1));
		case 'line':
			return page.getByRole('combobox').fill(chosen);
		case 'order':
			for (const id of chosen.split(' ')) {
				const { words, detail } = answer.steps.find((one) => one.id === id)!;
				const steps = page.getByRole('region', { name: 'Steps' });
				await steps.getByRole('button', { name: `${words} ${detail}`, exact: true }).click();
			}
			return;
		case 'screws': {
			const [vertical = 0, sideways = 0] = chosen.split(' ').map(Number);
			for (const [label, turns] of [
				['Adjuster for height', vertical],
				['Adjuster for the side', sideways]
			] as const) {
				const button = page.getByRole('button', {
					name: `${label}: a quarter turn ${turns < 0 ? 'anticlockwise' : 'clockwise'}`,
					exact: true
				});
				for (let i = 0; i < Math.abs(turns); i++) await button.click();
			}
			return;
		}
		case 'packs':
			for (const one of chosen.split(' ')) {
				const [id, count = ''] = one.split('=');
				await page
					.getByLabel(`Packs of ${answer.packs.find((pack) => pack.id === id)!.words}`, { exact: true })
					.fill(count);
			}
	}
}

/** Answers what is on the screen, rightly or not, as somebody who knows the truth; gives what the core says of it. */
async function answer(page: Page, isRight: boolean): Promise<Score> {
	const { question, right, wrong } = pose.knownExercise(partsOf(page));
	const { chosen, looked, reason, score } = isRight ? right : wrong;
	for (const look of looked) {
		const { words, minutes } = question.looks.find(({ id }) => id === look)!;
		await page.getByRole('link', { name: `Look for ${minutes} min: ${words}`, exact: true }).click();
		await expect(page.getByRole('listitem').filter({ hasText: words }).getByTestId('seen')).toBeVisible();
	}
	await give(page, question, chosen);
	const because = question.reason?.choices.find(({ id }) => id === reason);
	if (because)
		await page
			.getByRole('group', { name: question.reason!.question })
			.getByText(because.words, { exact: true })
			.click();
	await page.getByRole('button', { name: 'Answer' }).click();
	return score;
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

/** An exercise of every form there is, as it is asked of the first vehicle that has it. */
const FORMS = ['enter-walk/1/1', 'plan-way/1/1', 'aim-lamp/2/1', 'pack-kit/1/1', 'find-cause/4/1'];

test('a line, an order, two adjusters, packs and tests are answered by hand', async ({ page }) => {
	for (const form of FORMS) {
		await page.goto(`/practice/${form}`, { waitUntil: 'networkidle' });
		await answer(page, true);
		await expect(page.getByTestId('outcome'), form).toHaveText('Right');
		expect(await scanned(page), form).toEqual([]);
	}
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
	await expect(page.getByText(/\d answers today/)).toBeVisible();
});

test('what the shop has settled is asked, and a person writes a case', async ({ page }) => {
	await page.goto('/practice/cases', { waitUntil: 'networkidle' });
	await page.getByRole('button', { name: 'Take in what was settled' }).click();
	await expect(page.getByRole('status').filter({ hasText: /taken in|Nothing new/ })).toBeVisible();
	await expect(page.getByRole('row', { name: /radio hisses.*driver disturbs the radio/ }).first()).toBeVisible();
	await page.getByText('Write a case', { exact: true }).click();
	await page.getByLabel('The question').fill('What is said of an H7 in a reflector?');
	await page.getByLabel('The right answer').fill('The filament lamp stays');
	await page.getByLabel('Why it is right').fill('The policy of the shop.');
	await page.getByLabel(/^Wrong answer 1/).fill('Any LED will do');
	await page.getByRole('button', { name: 'Ask it from now on' }).click();
	await expect(page.getByRole('row', { name: /H7 in a reflector.*The filament lamp stays/ })).toBeVisible();
	expect(await scanned(page)).toEqual([]);
});

test('the truth of an exercise is looked at on the screens of the job, in a shop of its own', async ({ page }) => {
	await page.goto('/practice/choose-lamp/3/3', { waitUntil: 'networkidle' });
	await answer(page, false);
	await page.getByRole('button', { name: 'Look at this vehicle in Match' }).click();
	const [opened] = await Promise.all([
		page.waitForEvent('popup'),
		page.getByRole('link', { name: 'It is ready: look at it in Match' }).click()
	]);
	await expect(opened).toHaveURL(/\/vehicles\/practice-3\/match\//);
	expect(new URL(opened.url()).port).not.toBe(new URL(page.url()).port);
	await expect(opened.getByRole('link', { name: 'Back to the exercises' })).toHaveAttribute('href', /\/practice$/);
	await expect(opened.getByText('Practice: nothing of it exists')).toBeVisible();
	await page.goto('/vehicles?q=practice');
	await expect(page.getByRole('main')).not.toContainText('practice-');
});
