import type { Knex } from 'knex';
import type { Configuration, Socket } from '../../core/model';
import { inMarket, lampFunction, MARKETS, ruleFamily } from '../../core/lamps';
import { Candidate, OPEN_WORDS, openReason, socketCase, type Verdict } from '../../core/match';
import { groupName, socketsInWalk, twinGroups, vehicleName } from '../../core/vehicle';
import { isAskingWord, isKitWord, readCounterQuery, sideAsked, wordsOf, type CounterQuery } from '../../core/walk';
import { findConfigurations } from '../repositories/configurations';
import { searchIds, vehicleWordsAmong, type Found } from '../repositories/search';
import { shopData, type ShopData } from './catalogue';
import { judged } from './judged';
import { candidateView, socketViews, doubtsOf, type CounterAnswer, type CounterReply } from '../../core/views';

const MAX_VEHICLES = 6;
/** Where a market is named, vehicles of the others are passed over among so many. */
const LOOKED_THROUGH = 40;

function asked(configuration: Configuration, socket: Socket, query: CounterQuery): boolean {
	const side = sideAsked(query, configuration);
	return (
		(query.functions.length === 0 || socket.functions.some((id) => query.functions.includes(id))) &&
		(side === null || socket.side === side) &&
		(query.zone === null || socket.zone === query.zone) &&
		(query.category === null || socket.category === query.category)
	);
}

/** True when a line asks for some lamps and not for the vehicle alone. */
const namesALamp = ({ functions, side, role, zone, category }: CounterQuery) =>
	functions.length > 0 || side !== null || role !== null || zone !== null || category !== null;

/** The best candidate for a socket and how many others may be looked at; null where nothing can be matched. */
function bestIn(db: Knex, { configuration, socket }: { configuration: Configuration; socket: Socket }, data: ShopData) {
	const { catalogue, shop } = data;
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	if (!prepared) return null;
	const { best: id, possible } = judged(db, prepared, data);
	const product = id === null ? undefined : catalogue.find(id);
	const best = product ? new Candidate(prepared, product) : null;
	return { best, others: possible - (best && best.verdict !== 'refused' ? 1 : 0) };
}

function answers(
	db: Knex,
	{ configuration, query }: { configuration: Configuration; query: CounterQuery },
	data: ShopData
): CounterAnswer[] {
	if (query.kit || !namesALamp(query)) return [];
	const groups = twinGroups(socketsInWalk(configuration).filter((socket) => asked(configuration, socket, query)));
	return groups.flatMap((group): CounterAnswer[] => {
		const [socket] = group;
		if (!socket) return [];
		const found = bestIn(db, { configuration, socket }, data);
		const where = { configuration, socket, shop: data.shop };
		return [
			{
				place: inMarket(groupName(group), configuration.market),
				socket: socket.id,
				category: socket.category ?? null,
				open: found ? null : OPEN_WORDS[openReason(socket)],
				best: found?.best ? candidateView(found.best, where) : null,
				doubts: doubtsOf(group),
				others: found?.others ?? 0
			}
		];
	});
}

async function read(db: Knex, line: string): Promise<CounterQuery> {
	const words = wordsOf(line).flatMap(({ text }) => [text, ...text.split(/[/+-]+/)]);
	const known = await vehicleWordsAmong(db, words);
	return readCounterQuery(line, (word) => known.has(word));
}

/**
 * The vehicles a query names. A word that may ask for a kit, or merely ask, and may be part of a name is a name where a vehicle has it beside
 * the other words.
 */
async function vehiclesNamed(db: Knex, query: CounterQuery) {
	const most = query.family === null ? MAX_VEHICLES : LOOKED_THROUGH;
	const inMarketOf = async ({ ids, read: reread }: Found) => {
		const all = await findConfigurations(db, ids);
		const found = all.filter(({ market }) => query.family === null || ruleFamily(market) === query.family);
		return { found: found.slice(0, MAX_VEHICLES), reread };
	};
	const first = await searchIds(db, query.vehicle, most);
	const others = query.vehicle.filter((word) => !isKitWord(word) && !isAskingWord(word));
	if (first.ids.length > 0 || others.length === query.vehicle.length) return { query, ...(await inMarketOf(first)) };
	const narrowed = { ...query, vehicle: others, kit: query.kit || query.vehicle.some(isKitWord) };
	return { query: narrowed, ...(await inMarketOf(await searchIds(db, others, most))) };
}

/** Answers a line typed at the counter: vehicles that match, and for the functions named the best lamp of each place. */
export async function askCounter(db: Knex, line: string): Promise<CounterReply> {
	const { query, found, reread } = await vehiclesNamed(db, await read(db, line));
	const data = await shopData(db, { configurations: found });
	return {
		understood: {
			vehicle: query.vehicle.join(' '),
			functions: query.functions.map((id) => lampFunction(id).label),
			side: query.side ?? (query.role ? `${query.role}’s side` : null),
			zone: query.zone,
			category: query.category,
			market: query.family && (MARKETS[query.family]?.name ?? null),
			slips: [
				...[...query.slips, ...reread.map(({ typed, as }) => ({ typed, as: as.join(' or ') }))].map(
					({ typed, as }) => `“${typed}” read as ${as}`
				),
				...query.passed.map((words) => `“${words}” left out: choose it in Match`)
			]
		},
		kit: query.kit ? (query.zone === 'front' || query.zone === 'rear' ? query.zone : 'vehicle') : null,
		vehicles: found.map((c) => ({
			id: c.id,
			name: vehicleName(c),
			sockets: socketViews(c),
			answers: answers(db, { configuration: c, query }, data)
		}))
	};
}

/** One lamp holder that was asked for, and the best lamp for it. */
interface AskedSocket {
	id: string;
	side: Socket['side'];
	functions: Socket['functions'];
	verdict: Verdict | null;
	product: string | null;
	/** Of one lamp in its cheapest pack, minor units. */
	price: number | null;
	/** Pieces on the shelf; null when nobody counted. */
	stock: number | null;
}

function askedSocket(
	db: Knex,
	{ configuration, socket }: { configuration: Configuration; socket: Socket },
	data: ShopData
): AskedSocket {
	const best = bestIn(db, { configuration, socket }, data)?.best;
	const { id, side, functions } = socket;
	if (!best) return { id, side, functions, verdict: null, product: null, price: null, stock: null };
	const { price, pieces } = best.cases.product;
	return {
		id,
		side,
		functions,
		verdict: best.verdict,
		product: best.product.id,
		price: Number.isFinite(price) ? Math.round(price) : null,
		stock: pieces
	};
}

/** The counter's answer as plain data: for each vehicle, every lamp holder that was asked for and the best lamp for it. */
export async function askSockets(db: Knex, line: string) {
	const { query, found } = await vehiclesNamed(db, await read(db, line));
	const data = await shopData(db, { configurations: found });
	return {
		understood: query,
		vehicles: found.map((configuration) => ({
			id: configuration.id,
			sockets: socketsInWalk(configuration)
				.filter((socket) => namesALamp(query) && asked(configuration, socket, query))
				.map((socket) => askedSocket(db, { configuration, socket }, data))
		}))
	};
}
