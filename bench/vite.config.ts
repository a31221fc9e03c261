import { defineConfig } from 'vite';

// Builds the benchmark as the server is built, so that it times what runs in the shop.
export default defineConfig({
	build: { ssr: 'bench/run.ts', outDir: 'node_modules/.rotalux-bench', target: 'node20', minify: false },
	logLevel: 'error'
});
