import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: { reportCompressedSize: false },
	test: {
		include: ['src/**/*.test.ts', 'tests/boundaries/**/*.test.ts', 'tests/cli/**/*.test.ts'],
		environment: 'node',
		// The tests share what they read; none may change it.
		isolate: false,
		testTimeout: 60_000,
		hookTimeout: 60_000
	}
});
