import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter({ precompress: false }),
		// Scripts are this server's own; none stands in a page but the one that is named by its number.
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:', 'blob:'],
				'font-src': ['self', 'data:'],
				'connect-src': ['self'],
				'worker-src': ['self', 'blob:'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		// Origins are checked for every method and type in hooks.server.ts.
		csrf: { trustedOrigins: ['*'] },
		typescript: {
			config: (config) => ({
				...config,
				include: [...config.include, '../scripts/**/*.ts', '../*.config.ts', '../tests/**/*.ts', '../bench/**/*.ts']
			})
		}
	}
};
