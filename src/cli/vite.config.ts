import { defineConfig } from 'vite';

// The command line is built like the rest, so that a command answers at once: nothing is transpiled when it starts.
export default defineConfig({
	build: { ssr: 'src/cli/main.ts', outDir: 'node_modules/.rotalux-cli', target: 'node20', minify: false },
	logLevel: 'error'
});
