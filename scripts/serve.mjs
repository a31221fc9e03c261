// Serves the built application. Says in plain words when it cannot.
import { createServer } from 'node:http';

const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4173);

if (!Number.isInteger(port) || port < 1 || port > 65535) {
	console.error(`PORT must be a number from 1 to 65535, is "${process.env.PORT}".`);
	process.exit(2);
}

// Forms are taken only from pages of the same origin; over plain http the origin is built from the host that was asked for.
process.env.PROTOCOL_HEADER ??= 'x-rotalux-protocol';
process.env.BODY_SIZE_LIMIT ??= '64M';

const { handler } = await import('../build/handler.js');

const server = createServer((request, response) => {
	request.headers['x-rotalux-protocol'] = 'http';
	handler(request, response, () => {
		response.statusCode = 404;
		response.end('There is nothing at this address.');
	});
});

server.on('error', (error) => {
	const words =
		error.code === 'EADDRINUSE'
			? `Port ${port} on ${host} is already in use. Set another one, such as PORT=${port + 1}.`
			: `The server cannot listen on ${host}:${port} (${error.code}).`;
	console.error(words);
	process.exit(2);
});

server.listen(port, host, () => console.log(`Rotalux is open at http://${host}:${port}`));

for (const signal of ['SIGINT', 'SIGTERM'])
	process.on(signal, () => {
		server.close();
		server.closeAllConnections();
		process.emit('sveltekit:shutdown', signal);
		setTimeout(() => process.exit(0), 500).unref();
	});
