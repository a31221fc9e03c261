import { gzipSync } from 'node:zlib';
import type { APIRequestContext } from '@playwright/test';
import { expect, test } from './app';

/** What the scripts of a page's first load may weigh, gzip, bytes. */
const MOST = 170_000;

const SKERRY = '/vehicles/fenholm-skerry-ii-2017';
const PAGES = [
	'/',
	'/start',
	'/vehicles',
	'/vehicles/identify?q=skerry',
	`${SKERRY}/walk/low-L`,
	`${SKERRY}/channels`,
	`${SKERRY}/access/headlamp-R`,
	`${SKERRY}/match/low-L`,
	`${SKERRY}/circuit`,
	`${SKERRY}/kit`,
	'/vehicles/brisken-tarn-2018-us/fitup',
	'/vehicles/brisken-tarn-2018-us/prove/beam',
	'/complaints/CY040',
	'/cover',
	'/stock',
	'/stock/GL-H7-43',
	'/questions',
	'/practice',
	'/practice/set-collar/5/1',
	'/reference/lamps',
	'/reference/interchange',
	'/settings'
];
const SCRIPT = /_app\/immutable\/[\w./-]+\.js/g;
const STATIC_IMPORT = /(?:from|import)\s*"(\.{1,2}\/[^"]+\.js)"/g;

const weights = new Map<string, { bytes: number; imports: string[] }>();

/** Weight of a script, and what it cannot begin without. */
async function weigh(request: APIRequestContext, path: string) {
	const known = weights.get(path);
	if (known) return known;
	const text = await (await request.get(path)).text();
	const imports = [...text.matchAll(STATIC_IMPORT)].map(([, to = '']) => new URL(to, `http://x${path}`).pathname);
	const weighed = { bytes: gzipSync(text).length, imports };
	weights.set(path, weighed);
	return weighed;
}

async function firstLoad(request: APIRequestContext, page: string): Promise<number> {
	const answer = await request.get(page);
	const named = `${answer.headers()['link'] ?? ''} ${await answer.text()}`;
	const open = [...named.matchAll(SCRIPT)].map(([path]) => `/${path}`);
	const seen = new Set<string>();
	let sum = 0;
	for (let path = open.pop(); path !== undefined; path = open.pop()) {
		if (seen.has(path)) continue;
		seen.add(path);
		const { bytes, imports } = await weigh(request, path);
		sum += bytes;
		open.push(...imports);
	}
	return sum;
}

test('the first load of every page stays under 170 kB of script', async ({ request }) => {
	const loads: string[] = [];
	for (const page of PAGES) {
		const bytes = await firstLoad(request, page);
		loads.push(`${page}: ${Math.round(bytes / 1000)} kB`);
		expect.soft(bytes, page).toBeGreaterThan(20_000);
		expect.soft(bytes, page).toBeLessThan(MOST);
	}
	test.info().annotations.push({ type: 'weight', description: loads.join('\n') });
});
