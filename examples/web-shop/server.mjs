// A web shop in short: hands out its page, and asks Rotalux for it. The token stays here, where no browser sees it.
import { createServer } from 'node:http';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

const API = process.env.ROTALUX_API ?? 'http://127.0.0.1:4173/api/v1';
const TOKEN = process.env.ROTALUX_TOKEN;
const PORT = Number(process.env.PORT ?? 4280);
const WAIT_MS = 15_000;

const FILES = {
	'/': ['index.html', 'text/html; charset=utf-8'],
	'/page.js': ['page.js', 'text/javascript; charset=utf-8']
};

/** What the page may ask: anything else is not handed on, whatever the token is good for. */
const MAY_ASK = [
	/^\/vehicles$/,
	/^\/vehicles\/[^/]+$/,
	/^\/vehicles\/[^/]+\/sockets\/[^/]+\/lamps$/,
	/^\/vehicles\/[^/]+\/kit$/,
	/^\/branches$/
];

if (!TOKEN) {
	console.error('Say which token to ask with: ROTALUX_TOKEN=…, from Settings, Programs.');
	process.exit(2);
}

async function asked(path, search) {
	if (!MAY_ASK.some((one) => one.test(path)))
		return {
			status: 404,
			text: JSON.stringify({ error: { code: 'not-found', message: 'This shop does not ask that.' } })
		};
	try {
		const answer = await fetch(`${API}${path}${search}`, {
			headers: { authorization: `Bearer ${TOKEN}` },
			signal: AbortSignal.timeout(WAIT_MS)
		});
		return { status: answer.status, text: await answer.text() };
	} catch {
		return {
			status: 503,
			text: JSON.stringify({
				error: { code: 'unavailable', message: 'The shop cannot be asked just now. Try again in a moment.' }
			})
		};
	}
}

const server = createServer(async (request, response) => {
	const { pathname, search } = new URL(request.url ?? '/', 'http://shop');
	response.setHeader('x-content-type-options', 'nosniff');
	response.setHeader(
		'content-security-policy',
		"default-src 'self'; style-src 'unsafe-inline'; frame-ancestors 'none'"
	);
	if (request.method !== 'GET') return response.writeHead(405).end();
	const file = FILES[pathname];
	if (file) {
		const text = await readFile(fileURLToPath(new URL(file[0], import.meta.url)));
		return response.writeHead(200, { 'content-type': file[1] }).end(text);
	}
	if (!pathname.startsWith('/ask/')) return response.writeHead(404).end();
	const { status, text } = await asked(pathname.slice('/ask'.length), search);
	response.writeHead(status, { 'content-type': 'application/json', 'cache-control': 'no-store' }).end(text);
});

server.listen(PORT, '127.0.0.1', () => console.log(`The shop is open at http://127.0.0.1:${server.address().port}`));
process.on('SIGTERM', () => server.close());
