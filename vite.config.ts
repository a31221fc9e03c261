import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: {
		reportCompressedSize: false,
		// The core is pure: what a page does not use of it stays out of the page.
		rollupOptions: { treeshake: { moduleSideEffects: (id) => (id.includes('/src/lib/core/') ? false : undefined) } }
	},
	test: {
		include: [
			'src/**/*.test.ts',
			'tests/boundaries/**/*.test.ts',
			'tests/cli/**/*.test.ts',
			'tests/trust/**/*.test.ts'
		],
		environment: 'node',
		// The tests share what they read; none may change it.
		isolate: false,
		testTimeout: 60_000,
		hookTimeout: 60_000
	}
});
