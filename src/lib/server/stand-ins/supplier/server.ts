import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { feedAnswer, type FeedPack } from './simulated';

/** A running feed. */
export interface Feed {
	address: string;
	close: () => Promise<void>;
}

function listen(server: Server, port: number): Promise<string> {
	return new Promise((resolve, reject) => {
		server.once('error', reject);
		server.listen(port, '127.0.0.1', () => resolve(`http://127.0.0.1:${(server.address() as AddressInfo).port}`));
	});
}

/** Serves the simulated feed: `GET /quotes`. Port 0 takes a free one. */
export async function serveFeed(
	packs: readonly FeedPack[],
	currency: string,
	{ port = 0, now = () => new Date() }: { port?: number; now?: () => Date } = {}
): Promise<Feed> {
	const server = createServer((request, response) => {
		const known = request.method === 'GET' && request.url?.split('?')[0] === '/quotes';
		const { status, type, body } = known
			? feedAnswer(packs, currency, now())
			: { status: 404, type: 'text/plain', body: 'only GET /quotes is here' };
		response.writeHead(status, { 'content-type': type }).end(body);
	});
	const address = await listen(server, port);
	return { address, close: () => new Promise((resolve) => server.close(() => resolve())) };
}
