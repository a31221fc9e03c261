import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** What the core may not know: the outside world comes in as an argument. */
const coreRules = {
	'no-restricted-globals': [
		'error',
		...[
			'window',
			'document',
			'navigator',
			'localStorage',
			'fetch',
			'process',
			'Buffer',
			'setTimeout',
			'setInterval',
			'performance',
			'crypto'
		].map((name) => ({ name, message: 'The core knows no outside world: pass it in.' }))
	],
	'no-restricted-properties': [
		'error',
		{ object: 'Math', property: 'random', message: 'The core has no randomness of its own: pass it in.' },
		{ object: 'Date', property: 'now', message: 'The core has no clock: pass the time in.' }
	],
	'no-restricted-syntax': [
		'error',
		{ selector: "NewExpression[callee.name='Date']", message: 'The core has no clock: pass the time in.' },
		{ selector: 'ImportExpression', message: 'The core imports statically.' }
	],
	'no-restricted-imports': [
		'error',
		{
			patterns: [
				{
					group: ['node:*', 'svelte', 'svelte/*', '$app/*', '$env/*', '$lib/*', 'knex', 'better-sqlite3'],
					message: 'The core is pure TypeScript.'
				}
			]
		}
	]
};

export default ts.config(
	{ ignores: ['node_modules/', 'build/', '.svelte-kit/', '.rotalux/', 'test-results/'] },
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }
			],
			'@typescript-eslint/no-explicit-any': 'error',
			'@typescript-eslint/consistent-type-imports': [
				'error',
				{ fixStyle: 'inline-type-imports', disallowTypeAnnotations: false }
			],
			'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
			'max-params': ['error', 3]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } }
	},
	{ files: ['src/lib/core/**/*.ts'], ignores: ['**/*.test.ts'], rules: coreRules },
	{
		files: ['src/lib/server/**/*.ts', 'src/routes/**/*.ts', 'src/cli/**/*.ts', 'src/*.ts'],
		ignores: ['src/lib/server/db/change.ts', 'src/lib/server/db/branch.ts', 'src/lib/server/db/postgres/schema.ts'],
		rules: {
			'no-restricted-syntax': [
				'error',
				{
					selector: 'CallExpression > MemberExpression[property.name="transaction"]',
					message: 'Data are changed by way of `change` in server/db, so that a refusal undoes all of it.'
				}
			]
		}
	},
	{ files: ['**/*.test.ts'], rules: { 'max-params': 'off', 'max-lines': 'off' } },
	{ files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
	{ files: ['src/lib/core/lamps/functions.ts'], rules: { 'max-lines': 'off' } }
);
