import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

const EVERYTHING = [
	'src/**/*.test.ts',
	'tests/boundaries/**/*.test.ts',
	'tests/cli/**/*.test.ts',
	'tests/trust/**/*.test.ts'
];

/** What is tried again on a PostgreSQL, when the environment names one for tests. */
const ON_SERVER = ['db', 'repositories', 'services', 'access', 'workers', 'jobs', 'api'].map(
	(room) => `src/lib/server/${room}/**/*.test.ts`
);
const onServer = process.env.ROTALUX_TEST_DATABASE !== undefined;

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: {
		reportCompressedSize: false,
		// The core is pure: what a page does not use of it stays out of the page.
		rollupOptions: { treeshake: { moduleSideEffects: (id) => (id.includes('/src/lib/core/') ? false : undefined) } }
	},
	test: {
		...(onServer
			? { include: ON_SERVER, exclude: ['src/lib/server/db/sqlite/**'] }
			: { include: EVERYTHING, exclude: ['src/lib/server/db/postgres/**', 'src/lib/server/jobs/shared.test.ts'] }),
		environment: 'node',
		// The tests share what they read; none may change it.
		isolate: false,
		testTimeout: 60_000,
		hookTimeout: 60_000
	}
});
