import { parseArgs } from 'node:util';
import { readCurrency } from '../../lib/server/services/policy';
import { listAccessories, listProducts } from '../../lib/server/repositories/products';
import { serveFeed } from '../../lib/server/stand-ins/supplier';
import { readNumber, type Command } from '../io';
import { withDatabase } from '../with-database';

const PORT = 4174;

/** Serves the simulated supplier's prices and stock until it is ended, on the packs of the shop. */
export const feed: Command = {
	usage: 'feed [--port N]',
	run: async (args) => {
		const { values } = parseArgs({ args, options: { port: { type: 'string' } } });
		const port = values.port === undefined ? PORT : readNumber('port', values.port, { min: 0, max: 65535 });
		const { packs, currency } = await withDatabase(async (db) => ({
			packs: [...(await listProducts(db)), ...(await listAccessories(db))].flatMap((item) =>
				item.packs.map(({ sku, price, stock }) => ({ sku, price, stock: stock ?? 10 }))
			),
			currency: await readCurrency(db)
		}));
		const { address } = await serveFeed(packs, currency, { port });
		process.stderr.write(
			`Simulated supplier at ${address}/quotes; set ROTALUX_SUPPLIER=${address}. End it with Ctrl-C.\n`
		);
		await new Promise(() => {});
		return { output: null };
	}
};
