import { parseArgs } from 'node:util';
import { BALANCES, KIT_SCOPES, shopOf } from '../../lib/core/exchange';
import { assembleKit } from '../../lib/core/kit';
import { compileCatalogue } from '../../lib/core/match';
import { highsSolver } from '../../lib/server/solver/highs';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, readNumber, readWord, type Command } from '../io';

const RUNNERS_UP = 2;

/** Assembles the best kit for a configuration of a file. */
export const kit: Command = {
	usage: 'kit FILE --configuration ID [--scope S] [--budget N] [--balance price|light|ease]',
	run: async (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: {
				configuration: { type: 'string' },
				scope: { type: 'string', default: 'vehicle' },
				budget: { type: 'string' },
				balance: { type: 'string', default: 'price' }
			}
		});
		const document = readFileDocument(positionals[0]);
		const [configuration] = configurationsNamed(document, values.configuration);
		if (!configuration || (values.configuration === undefined && document.configurations.length > 1))
			throw new BadInput('Say which vehicle the kit is for with --configuration ID.');
		const order = {
			scope: readWord('--scope', values.scope, KIT_SCOPES),
			balance: readWord('--balance', values.balance, BALANCES),
			...(values.budget === undefined ? {} : { budget: readNumber('budget', values.budget, 0, 1e8) as never }),
			choices: {}
		};
		const shop = shopOf(document);
		const catalogue = compileCatalogue(document.products, document.complaints);
		return { output: await assembleKit({ configuration, catalogue, shop }, order, highsSolver, RUNNERS_UP) };
	}
};
