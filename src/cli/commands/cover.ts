import { parseArgs } from 'node:util';
import type { RotaluxDocument } from '../../lib/core/model';
import { shopOf } from '../../lib/core/exchange';
import { assumedForPlaces, compileCatalogue, fieldOf } from '../../lib/core/match';
import {
	coverOf,
	idleProducts,
	missingProducts,
	offeredIn,
	readDemand,
	tally,
	weightsOf,
	type Cover,
	type Missing,
	type RowProblem,
	type Tally,
	type Weights
} from '../../lib/core/cover';
import { BadInput, readBytes, readFileDocument, type Command } from '../io';

function coverIn(document: RotaluxDocument): Cover {
	const shop = shopOf(document);
	const catalogue = compileCatalogue(document.products, document.complaints, fieldOf(document));
	const products = document.products.flatMap(({ id }) => catalogue.find(id) ?? []);
	const by = { shop, assumed: assumedForPlaces(shop.assumptions), through: catalogue.through };
	return coverOf(document.configurations, products, by);
}

/** What a file of demand says, and the rows of it that say nothing. */
interface Demand {
	weights: Weights;
	rows: number;
	problems: readonly RowProblem[];
}

/** Weights from a file. Rows that mean no vehicle of this fleet are told, not refused. @throws BadInput when no row can be read */
async function demandIn(cover: Cover, file: string): Promise<Demand> {
	const bytes = readBytes(file);
	const { readTables } = await import('../../lib/server/documents/read-tables');
	const read = await readTables(bytes, file);
	if (!read.ok) throw new BadInput(read.error);
	const [table] = read.value.tables;
	const vehicles = cover.vehicles.map(({ facts }) => facts);
	const demand = table ? readDemand(table, vehicles) : 'it has no table';
	if (typeof demand === 'string') throw new BadInput(`${file}: ${demand}.`);
	const [problem] = demand.problems;
	if (problem && demand.wanted.length === 0) throw new BadInput(`${file}, row ${problem.row}: ${problem.why}.`);
	return { weights: weightsOf(cover, demand.wanted), rows: table?.rows.length ?? 0, problems: demand.problems };
}

const byFunction = ({ byFunction: shares, closedByFunction }: Tally) =>
	Object.fromEntries(
		[...new Set([...shares.keys(), ...closedByFunction.keys()])].map((fn) => [
			fn,
			{
				sockets: (shares.get(fn)?.sockets ?? 0) + (closedByFunction.get(fn) ?? 0),
				served: shares.get(fn)?.served ?? 0
			}
		])
	);

/** A specification without what only a product on sale has. */
function shown({ specification, sockets, vehicles, weight, completes, boxes, power, price }: Missing) {
	const { id, maker, name, kind, packs, ...facts } = specification;
	void [id, maker, name, kind, packs];
	return { specification: facts, sockets, vehicles, weight, completes, boxes, power, price };
}

/** How much of a fleet the products of a file serve, what product is missing most, and which serve nothing. */
export const cover: Command = {
	usage: 'cover FILE [--demand FILE.csv]',
	run: async (args) => {
		const { values, positionals } = parseArgs({
			args,
			allowPositionals: true,
			options: { demand: { type: 'string' } }
		});
		const whole = coverIn(readFileDocument(positionals[0]));
		const demand = values.demand === undefined ? undefined : await demandIn(whole, values.demand);
		const offered = offeredIn(whole, { from: 'catalogue' });
		const counted = tally(whole, offered, demand?.weights);
		const { missing, never } = missingProducts(whole, offered, demand?.weights);
		return {
			output: {
				configurations: counted.configurations,
				sockets: counted.sockets,
				closed: counted.closed,
				served: counted.all.served,
				...(demand
					? {
							weight: counted.all.weight,
							servedWeight: counted.all.servedWeight,
							demand: { rows: demand.rows, problems: demand.problems }
						}
					: {}),
				byFunction: byFunction(counted),
				missing: missing.map(shown),
				never: never.map(({ findings, sockets, weight }) => ({
					codes: findings.map(({ code }) => code),
					sockets,
					weight
				})),
				idle: idleProducts(whole).map((number) => whole.products[number]?.record.id)
			}
		};
	}
};
