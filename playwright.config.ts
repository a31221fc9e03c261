import { defineConfig } from '@playwright/test';

const PORT = '4199';

export default defineConfig({
	testDir: 'tests/e2e',
	workers: 1,
	timeout: 60_000,
	reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
	use: {
		baseURL: `http://127.0.0.1:${PORT}`,
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
	},
	webServer: {
		command: 'node node_modules/.rotalux-cli/main.js load-demo && node scripts/serve.mjs',
		url: `http://127.0.0.1:${PORT}/health`,
		env: { PORT, ROTALUX_DATA: '.rotalux/e2e' },
		reuseExistingServer: false,
		timeout: 60_000
	}
});
