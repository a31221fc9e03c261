// Serves the built application: the shop's door, and the customers' door where ROTALUX_PUBLIC_PORT names one. Says in plain words when it cannot.
import { createServer } from 'node:http';

const host = process.env.HOST ?? '127.0.0.1';

function portFrom(name, otherwise) {
	const port = Number(process.env[name] ?? otherwise);
	if (!Number.isInteger(port) || port < 1 || port > 65535) {
		console.error(`${name} must be a number from 1 to 65535, is "${process.env[name]}".`);
		process.exit(2);
	}
	return port;
}

const port = portFrom('PORT', 4173);
const customerPort = process.env.ROTALUX_PUBLIC_PORT ? portFrom('ROTALUX_PUBLIC_PORT') : null;

// Behind a proxy that says so, its word for protocol, host and caller counts; else the server's own.
const behindProxy = process.env.ROTALUX_PROXY === 'on';
if (behindProxy) {
	process.env.PROTOCOL_HEADER ??= 'x-forwarded-proto';
	process.env.HOST_HEADER ??= 'x-forwarded-host';
	process.env.ADDRESS_HEADER ??= 'x-forwarded-for';
} else process.env.PROTOCOL_HEADER ??= 'x-rotalux-protocol';
process.env.BODY_SIZE_LIMIT ??= '12M';

const { handler } = await import('../build/handler.js');

/** Most of a refused body that is read to keep a connection, bytes. */
const MOST_DRAINED = 32_000_000;

/** Requests that have been taken and not answered yet. */
const open = new Set();

const doorFor = (door) =>
	createServer((request, response) => {
		open.add(response);
		response.on('close', () => open.delete(response));
		// What was refused unread is taken off the wire, or the next request of this connection waits behind it; more than that ends the connection.
		response.on('finish', () => {
			const length = Number(request.headers['content-length'] ?? Infinity);
			if (!request.complete && length > MOST_DRAINED) return request.destroy();
			// Whoever began to read it would hold it back again.
			request.removeAllListeners('data');
			request.resume();
		});
		// Nobody but this script says which door a request came by.
		request.headers['x-rotalux-door'] = door;
		if (!behindProxy) request.headers['x-rotalux-protocol'] = 'http';
		handler(request, response, () => {
			response.statusCode = 404;
			response.end('There is nothing at this address.');
		});
	});

const doors = [
	{ server: doorFor('shop'), port, words: `Rotalux is open at http://${host}:${port}` },
	...(customerPort
		? [
				{
					server: doorFor('customer'),
					port: customerPort,
					words: `Customers' pages are at http://${host}:${customerPort}/k/CODE`
				}
			]
		: [])
];

for (const { server, port: own, words } of doors) {
	server.requestTimeout = 60_000;
	server.headersTimeout = 20_000;
	// Longer than a proxy or a browser keeps a connection, so that none sends into one that is being closed.
	server.keepAliveTimeout = 75_000;
	server.on('error', (error) => {
		const said =
			error.code === 'EADDRINUSE'
				? `Port ${own} on ${host} is already in use. Set another one, such as ${own === port ? 'PORT' : 'ROTALUX_PUBLIC_PORT'}=${own + 2}.`
				: `The server cannot listen on ${host}:${own} (${error.code}).`;
		console.error(said);
		process.exit(2);
	});
	server.listen(own, host, () => console.log(words));
}

const DRAIN_MS = 10_000;
let stopping = false;

/** Takes nothing new, lets what is under way come to its end, then closes what is open. */
async function stop(signal) {
	if (stopping) process.exit(1);
	stopping = true;
	const until = Date.now() + DRAIN_MS;
	for (const { server } of doors) {
		server.close();
		server.closeIdleConnections();
	}
	while (open.size > 0 && Date.now() < until) await new Promise((done) => setTimeout(done, 20));
	for (const { server } of doors) server.closeAllConnections();
	process.emit('sveltekit:shutdown', signal);
	setTimeout(() => process.exit(0), 1500).unref();
}

for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void stop(signal));
