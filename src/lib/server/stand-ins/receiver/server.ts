import { timingSafeEqual } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { WEBHOOK_HEADERS, signOf } from '../../services/webhooks';

/** A message as it came in. */
export interface Received {
	/** True where it was signed with the secret, not long ago. */
	genuine: boolean;
	/** True where it came before. */
	again: boolean;
	message: unknown;
}

/** A running receiver. */
export interface Receiver {
	address: string;
	close: () => Promise<void>;
}

/** A message older than this is not taken for genuine, ms: somebody may have kept it. */
const FRESH_MS = 5 * 60 * 1000;

const equal = (a: string, b: string) => a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/**
 * A stand-in for a program that is told of things: checks where each message comes from, knows one that came before, and answers.
 * @param answer the status for the n-th message; 204 otherwise
 */
export async function serveReceiver(
	secret: string,
	heard: (received: Received) => void,
	{ port = 0, answer = () => 204 }: { port?: number; answer?: (n: number) => number } = {}
): Promise<Receiver> {
	const known = new Set<string>();
	let n = 0;
	const server = createServer((request, response) => {
		const parts: Buffer[] = [];
		request.on('data', (part: Buffer) => parts.push(part));
		request.on('end', () => {
			const body = Buffer.concat(parts).toString();
			const [id, time, sign] = [WEBHOOK_HEADERS.id, WEBHOOK_HEADERS.time, WEBHOOK_HEADERS.sign].map((name) =>
				String(request.headers[name] ?? '')
			);
			const isFresh = Math.abs(Date.now() - Date.parse(time ?? '')) < FRESH_MS;
			const genuine = isFresh && equal(sign ?? '', signOf(secret, time ?? '', body));
			heard({ genuine, again: known.has(id ?? ''), message: genuine ? JSON.parse(body) : null });
			const status = genuine ? answer((n += 1)) : 401;
			if (status < 300) known.add(id ?? '');
			response.writeHead(status).end();
		});
	});
	await new Promise<void>((resolve, reject) => {
		server.once('error', reject);
		server.listen(port, '127.0.0.1', resolve);
	});
	const { port: own } = server.address() as AddressInfo;
	return {
		address: `http://127.0.0.1:${own}`,
		close: () => new Promise((resolve) => server.close(() => resolve()))
	};
}
