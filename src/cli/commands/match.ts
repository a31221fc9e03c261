import { parseArgs } from 'node:util';
import type { Configuration } from '../../lib/core/model';
import { shopOf } from '../../lib/core/exchange';
import { compileCatalogue, fieldOf, describe, matchConfiguration, type SocketMatch } from '../../lib/core/match';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, type Command } from '../io';

function shown({ market }: Configuration, { socket, open, candidates }: SocketMatch) {
	return {
		socket: socket.id,
		...(open ? { open } : {}),
		candidates: candidates.map((c) => ({
			product: c.product.id,
			verdict: c.verdict,
			score: Math.round(c.score * 10) / 10,
			findings: c.findings.map((found) => describe(found, { market }))
		}))
	};
}

/** Judges every product of a file in every socket of its configurations. */
export const match: Command = {
	usage: 'match FILE [--configuration ID] [--socket ID]',
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { configuration: { type: 'string' }, socket: { type: 'string' } }
		});
		const document = readFileDocument(positionals[0]);
		const shop = shopOf(document);
		const catalogue = compileCatalogue(document.products, document.complaints, fieldOf(document));
		const configurations = configurationsNamed(document, values.configuration).map((configuration) => {
			const matches = matchConfiguration(configuration, catalogue, shop);
			const wanted = matches.filter((m) => values.socket === undefined || m.socket.id === values.socket);
			return { id: configuration.id, sockets: wanted.map((match) => shown(configuration, match)) };
		});
		if (configurations.every((c) => c.sockets.length === 0) && values.socket !== undefined)
			throw new BadInput(`No socket "${values.socket}" stands in the file.`);
		return { output: { configurations } };
	}
};
