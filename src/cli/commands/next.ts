import { parseArgs } from 'node:util';
import { shopOf } from '../../lib/core/exchange';
import { compileCatalogue, fieldOf, factPath, nextFacts } from '../../lib/core/match';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, type Command } from '../io';

/** Lists the facts worth finding out about a vehicle, the one that decides most sockets a minute first. */
export const next: Command = {
	usage: 'next FILE --configuration ID',
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { configuration: { type: 'string' } }
		});
		const document = readFileDocument(positionals[0]);
		const [configuration] = configurationsNamed(document, values.configuration);
		if (!configuration || (values.configuration === undefined && document.configurations.length > 1))
			throw new BadInput('Say which vehicle it is about with --configuration ID.');
		const catalogue = compileCatalogue(document.products, document.complaints, fieldOf(document));
		const facts = nextFacts(configuration, catalogue, shopOf(document)).map((fact) => ({
			what: factPath(fact),
			how: fact.how,
			minutes: fact.minutes,
			sockets: fact.sockets,
			decides: fact.sockets.length
		}));
		return { output: { facts } };
	}
};
