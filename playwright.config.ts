import { defineConfig } from '@playwright/test';

export default defineConfig({
	testDir: 'tests/e2e',
	// Without a PostgreSQL there is no chain to be tried; the test command says so.
	testIgnore: process.env.ROTALUX_NO_POSTGRES ? ['**/chain.spec.ts'] : [],
	workers: 2,
	// A limit, not a wait: a slow machine takes twice as long.
	timeout: 240_000,
	// A kit or an import is worked out while the other worker has the machine as well.
	expect: { timeout: 20_000 },
	reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
	use: {
		viewport: { width: 1280, height: 800 },
		video: 'off',
		trace: 'off',
		colorScheme: 'dark',
		launchOptions: {
			executablePath: '/usr/bin/chromium',
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	}
});
