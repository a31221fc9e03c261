import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { cruise, type ICruiseResult } from 'dependency-cruiser';
import { ESLint } from 'eslint';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { PLANTED, RESOLVE, RULES, RULES_NOT_PLANTED } from './planted';

let garden: string;
beforeAll(() => {
	mkdirSync('test-results', { recursive: true });
	garden = mkdtempSync('test-results/planted-');
});
afterAll(() => rmSync(garden, { recursive: true, force: true }));

function plant(file: string, code: string): void {
	const path = join(garden, file);
	mkdirSync(dirname(path), { recursive: true });
	writeFileSync(path, code);
}

describe('the dependency rule finds what is planted', () => {
	let violations: string[];
	beforeAll(async () => {
		for (const { file, code, beside = {} } of PLANTED) {
			for (const [name, text] of Object.entries({ ...beside, [file]: code })) plant(name, text);
		}
		const { tsConfig: _tsConfig, webpackConfig: _webpackConfig, ...options } = RULES.options;
		const result = await cruise(
			['src'],
			{ ...options, validate: true, ruleSet: { forbidden: RULES.forbidden }, baseDir: garden },
			RESOLVE
		);
		violations = (result.output as ICruiseResult).modules.flatMap(({ source, dependencies }) =>
			dependencies.flatMap(({ rules = [] }) => rules.map((rule) => `${rule.name}: ${source}`))
		);
	});

	it.each(PLANTED.map(({ rule, file }) => `${rule}: ${file}`))('%s', (expected) => {
		expect(violations).toContain(expected);
	});

	it('and every line of the rule has something planted', () => {
		expect(RULES_NOT_PLANTED).toEqual([]);
	});
});

describe('the linter finds what is planted', () => {
	it.each([
		['a clock', 'export const now = () => new Date();'],
		['a clock by another name', 'export const now = () => Date.now();'],
		['chance', 'export const dice = () => Math.random();'],
		['the environment', 'export const home = () => process.env.HOME;'],
		['the page', 'export const title = () => window.name;'],
		['the framework', "import { page } from '$app/state';\nexport { page };"],
		['a fourth parameter', 'export const sum = (a: number, b: number, c: number, d: number) => a + b + c + d;']
	])('%s in the core', async (_, code) => {
		const [result] = await new ESLint().lintText(code, { filePath: 'src/lib/core/planted.ts' });
		expect(result?.errorCount).toBeGreaterThan(0);
	});
});

describe('the type check of the core finds what is planted', () => {
	it('the page is not there', () => {
		const file = 'src/lib/core/lamps/reads-the-page.ts';
		plant(file, 'export const planted = () => document.title;\n');
		plant('tsconfig.json', JSON.stringify({ extends: `${relative(garden, '.')}/tsconfig.core.json`, include: [file] }));
		const result = spawnSync(process.execPath, ['node_modules/typescript/bin/tsc', '-p', garden], {
			encoding: 'utf8'
		});
		expect(result.stdout).toContain("Cannot find name 'document'");
	});
});
