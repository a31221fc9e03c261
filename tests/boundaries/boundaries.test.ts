import { spawnSync } from 'node:child_process';
import { createRequire } from 'node:module';
import { cruise, type ICruiseResult } from 'dependency-cruiser';
import { ESLint } from 'eslint';
import { beforeAll, describe, expect, it } from 'vitest';

const rules = createRequire(import.meta.url)('../../.dependency-cruiser.cjs');
const PLANTED = 'tests/boundaries/planted';

/** A tool gone blind passes everything, so bad code is planted for each layer and must be found. */
describe('the dependency rule finds what is planted', () => {
	let violations: string[];
	beforeAll(async () => {
		const { tsConfig: _tsConfig, webpackConfig: _webpackConfig, ...options } = rules.options;
		const result = await cruise(['src'], {
			...options,
			validate: true,
			ruleSet: { forbidden: rules.forbidden },
			baseDir: PLANTED
		});
		violations = (result.output as ICruiseResult).summary.violations.map((v) => `${v.rule.name}: ${v.from}`);
	});

	it.each([
		['core-lamps-reads-only-what-it-may: src/lib/core/lamps/reads-match.ts'],
		['core-is-pure: src/lib/core/lamps/reads-node.ts'],
		['no-cycles: src/lib/core/match/loop.ts'],
		['only-server-files-read-server: src/lib/components/reads-server.ts'],
		['components-read-core-and-client: src/lib/components/reads-server.ts']
	])('%s', (expected) => {
		expect(violations).toContain(expected);
	});
});

describe('the linter finds what is planted', () => {
	it.each([
		['a clock', 'export const now = () => new Date();'],
		['a clock by another name', 'export const now = () => Date.now();'],
		['chance', 'export const dice = () => Math.random();'],
		['the environment', 'export const home = () => process.env.HOME;'],
		['the page', 'export const title = () => window.name;'],
		['the framework', "import { page } from '$app/state';\nexport { page };"]
	])('%s in the core', async (_, code) => {
		const [result] = await new ESLint().lintText(code, { filePath: 'src/lib/core/planted.ts' });
		expect(result?.errorCount).toBeGreaterThan(0);
	});
});

describe('the type check of the core finds what is planted', () => {
	it('the page is not there', () => {
		const result = spawnSync(process.execPath, ['node_modules/typescript/bin/tsc', '-p', PLANTED], {
			encoding: 'utf8'
		});
		expect(result.stdout).toContain("Cannot find name 'document'");
	});
});
