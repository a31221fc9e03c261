import type { Knex } from 'knex';
import {
	vehicleCircuit,
	wiringProblems,
	withAssumedOutputs,
	type Fitted,
	type FittedLamp,
	type FittedPart,
	type WiringProblem
} from '../../core/circuit';
import type { Configuration, Product } from '../../core/model';
import { assemblyLamp, partsWhereFitted, type KitAnswer } from '../../core/kit';
import { bestSet, remedyTable, type BestSet, type RemedyTable } from '../../core/remedy';
import { type Solver } from '../../core/solver';
import { bestLamps, matchConfiguration } from '../../core/match';
import { findConfiguration } from '../repositories/configurations';
import { kitsHere, type StoredKit } from '../repositories/kits';
import { shopData, type ShopData } from './catalogue';
import { remembered } from './remember';

/** What a vehicle is taken to be fitted with. */
export interface Chosen {
	/** The kit it comes from; null when it is the best LED of each place, for want of a kit. */
	kit: { id: string; name: string } | null;
	lamps: [socket: string, product: Product][];
	/** Parts of the kit that stand in a circuit: loads, modules, flashers. */
	parts: FittedPart[];
}

/** Everything the Circuit page works with; it solves the network itself, as often as a switch is touched. */
export interface CircuitView {
	configuration: Configuration;
	chosen: Chosen;
	/** Complaints and remedies of the lamps as chosen, without any parts. */
	table: RemedyTable;
	best: BestSet;
	troubles: WiringProblem[];
}

/** Parts of a kit that do something in the circuit, where its lines say they are fitted. */
function partsOf(
	configuration: Configuration,
	{ lines }: KitAnswer,
	accessories: ShopData['shop']['accessories']
): FittedPart[] {
	const fitted = partsWhereFitted(configuration, lines, (id) => accessories.find((a) => a.id === id));
	return fitted.filter(({ effect }) => effect !== null);
}

/** A product as the lamp of a socket; an assembly draws there what it says. */
function lampAt(configuration: Configuration, socketId: string, product: Product): Product {
	const socket = configuration.sockets.find((s) => s.id === socketId);
	return socket && product.kind === 'assembly' ? assemblyLamp(product, configuration, socket) : product;
}

/** The kit that is being made for a vehicle; null when none is. */
async function kitUnderWay(db: Knex, id: string): Promise<StoredKit | null> {
	return (await kitsHere(db, id)).find((k) => k.state !== 'released' && k.answer.lines.length > 0) ?? null;
}

function chosenFor(configuration: Configuration, kit: StoredKit | null, { catalogue, shop }: ShopData): Chosen {
	if (!kit) {
		return { kit: null, lamps: bestLamps(configuration, { catalogue, shop }), parts: [] };
	}
	const lamps = kit.answer.lines.flatMap((line): [string, Product][] => {
		const product = line.product === undefined ? undefined : catalogue.find(line.product)?.record;
		return product
			? line.sockets.map((socket): [string, Product] => [socket, lampAt(configuration, socket, product)])
			: [];
	});
	return { kit: { id: kit.id, name: kit.name }, lamps, parts: partsOf(configuration, kit.answer, shop.accessories) };
}

/** Lamps with a built-in load that Match lets into each socket, best first. */
function loadedLamps(configuration: Configuration, { catalogue, shop }: ShopData): (socket: string) => Product[] {
	const loaded = new Map(
		Array.from(catalogue.byCategory, ([category, cases]) => [category, cases.filter((c) => c.record.builtInLoad)])
	);
	const bySocket = new Map(
		matchConfiguration(configuration, { ...catalogue, byCategory: loaded }, shop).map((m) => [
			m.socket.id as string,
			m.candidates
		])
	);
	return (socket) =>
		(bySocket.get(socket) ?? [])
			.filter(({ product, verdict }) => product.builtInLoad && (verdict === 'fits' || verdict === 'parts'))
			.map(({ product }) => product);
}

/** A fitting with some lamps in place of the stock ones. */
export function fittedWith(lamps: readonly (readonly [string, Product])[], parts: readonly FittedPart[] = []): Fitted {
	const map = lamps.map(([socket, product]) => [socket, { kind: 'product', product } satisfies FittedLamp] as const);
	return { lamps: new Map<string, FittedLamp>(map), parts, faults: [] };
}

/** A vehicle with its lamps as chosen, what there is to complain of, and the best set of remedies; null when it is not there. */
export async function showCircuit(db: Knex, id: string, solver: Solver): Promise<CircuitView | null> {
	const record = await findConfiguration(db, id);
	if (!record) return null;
	const kit = await kitUnderWay(db, id);
	const facts = { configurations: [record], asked: ['circuit', kit?.id, kit?.version] };
	return remembered(db, facts, () => circuitOf(db, { record, kit }, solver));
}

async function circuitOf(
	db: Knex,
	{ record, kit }: { record: Configuration; kit: StoredKit | null },
	solver: Solver
): Promise<CircuitView> {
	const configuration = withAssumedOutputs(record);
	const products = kit?.answer.lines.flatMap(({ product }) => product ?? []) ?? [];
	const data = await shopData(db, { configurations: [configuration], products });
	const chosen = chosenFor(configuration, kit, data);
	const given = {
		circuit: vehicleCircuit(configuration, fittedWith(chosen.lamps)),
		shop: data.shop,
		loaded: loadedLamps(configuration, data)
	};
	const table = remedyTable(given);
	return {
		configuration,
		chosen,
		table,
		best: await bestSet(given, table, { solver }),
		troubles: wiringProblems(record)
	};
}
