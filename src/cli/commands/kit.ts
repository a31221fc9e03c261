import { parseArgs } from 'node:util';
import { BALANCES, KIT_SCOPES, kitOrder } from '../../lib/core/model';
import { shopOf } from '../../lib/core/exchange';
import { assembleKit } from '../../lib/core/kit';
import { FUNCTION_IDS } from '../../lib/core/lamps';
import { compileCatalogue, fieldOf } from '../../lib/core/match';
import { highsSolver } from '../../lib/server/solver/highs';
import { configurationsNamed } from '../choose';
import { BadInput, readFileDocument, readNumber, readWord, type Command } from '../io';

const RUNNERS_UP = 2;

/** Assembles the best kit for a configuration of a file. */
export const kit: Command = {
	usage:
		'kit FILE --configuration ID [--scope S] [--function F] [--socket ID]… [--budget N] [--kelvin K] [--whole] [--balance price|light|ease]',
	run: async (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: {
				configuration: { type: 'string' },
				scope: { type: 'string', default: 'vehicle' },
				budget: { type: 'string' },
				balance: { type: 'string', default: 'price' },
				function: { type: 'string' },
				socket: { type: 'string', multiple: true, default: [] },
				kelvin: { type: 'string' },
				whole: { type: 'boolean', default: false }
			}
		});
		const document = readFileDocument(positionals[0]);
		const [configuration] = configurationsNamed(document, values.configuration);
		if (!configuration || (values.configuration === undefined && document.configurations.length > 1))
			throw new BadInput('Say which vehicle the kit is for with --configuration ID.');
		const order = kitOrder.parse({
			scope: readWord('--scope', values.scope, KIT_SCOPES),
			balance: readWord('--balance', values.balance, BALANCES),
			...(values.function === undefined ? {} : { function: readWord('--function', values.function, FUNCTION_IDS) }),
			...(values.socket.length === 0 ? {} : { sockets: values.socket }),
			...(values.budget === undefined ? {} : { budget: readNumber('budget', values.budget, { min: 0, max: 1e8 }) }),
			...(values.kelvin === undefined
				? {}
				: { kelvin: readNumber('kelvin', values.kelvin, { min: 1500, max: 20000 }) }),
			...(values.whole ? { whole: true } : {})
		});
		const shop = shopOf(document);
		const catalogue = compileCatalogue(document.products, document.complaints, fieldOf(document));
		const kit = await assembleKit({ configuration, catalogue, shop }, order, {
			solver: highsSolver,
			runnersUp: RUNNERS_UP
		});
		if (!kit.ok) throw new BadInput(kit.error.words);
		return { output: kit.value };
	}
};
