import { parseArgs } from 'node:util';
import { readClaims } from '../../lib/core/claims';
import { deratedFlux } from '../../lib/core/optics';
import { BadInput, readFileDocument, type Command } from '../io';

/** Reads what makers claim of the products of a file. */
export const claims: Command = {
	usage: 'claims FILE [--product SKU]',
	run: (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { product: { type: 'string' } }
		});
		const { products } = readFileDocument(positionals[0]);
		const wanted = products.filter((p) => values.product === undefined || p.id === values.product);
		if (wanted.length === 0) throw new BadInput(`There is no product ${values.product ?? ''} in the file.`);
		return {
			output: { products: wanted.map((p) => ({ id: p.id, deratedFlux: deratedFlux(p), claims: readClaims(p) })) }
		};
	}
};
