import { parseArgs } from 'node:util';
import { serveReceiver } from '../../lib/server/stand-ins/receiver/server';
import { BadInput, readNumber, type Command } from '../io';

const PORT = 4175;

/** Takes what Rotalux tells programs, as a program of a shop would, until it is ended: says whether each message is genuine. */
export const receive: Command = {
	usage: 'receive --secret SECRET [--port N]',
	run: async (args) => {
		const { values } = parseArgs({ args, options: { port: { type: 'string' }, secret: { type: 'string' } } });
		if (!values.secret)
			throw new BadInput('No secret is given; it is shown when an address is put in under Settings, Programs.');
		const port = values.port === undefined ? PORT : readNumber('port', values.port, { min: 0, max: 65535 });
		const heard = (received: object) => process.stdout.write(`${JSON.stringify(received)}\n`);
		const { address } = await serveReceiver(values.secret, heard, { port });
		process.stderr.write(`Stand-in for a program at ${address}. End it with Ctrl-C.\n`);
		await new Promise(() => {});
		return { output: null };
	}
};
