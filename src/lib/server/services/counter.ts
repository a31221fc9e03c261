import type { Knex } from 'knex';
import type { Configuration, Socket } from '../../core/model';
import { lampFunction } from '../../core/lamps';
import { matchSocket, OPEN_WORDS, type Candidate } from '../../core/match';
import {
	groupName,
	readCounterQuery,
	socketsInWalk,
	twinGroups,
	vehicleName,
	type CounterQuery
} from '../../core/vehicle';
import { findConfigurations } from '../repositories/configurations';
import { isVehicleWord, searchIds } from '../repositories/search';
import { shopData, type ShopData } from './catalogue';
import { candidateView, socketViews, doubtsOf, type CounterAnswer, type CounterReply } from '../../core/views';

const MAX_VEHICLES = 6;

function asked(socket: Socket, query: CounterQuery): boolean {
	return (
		(query.functions.length === 0 || socket.functions.some((id) => query.functions.includes(id))) &&
		(query.side === null || socket.side === query.side) &&
		(query.zone === null || socket.zone === query.zone)
	);
}

function answers(configuration: Configuration, query: CounterQuery, { catalogue, shop }: ShopData): CounterAnswer[] {
	if (query.kit || (query.functions.length === 0 && query.side === null && query.zone === null)) return [];
	const groups = twinGroups(socketsInWalk(configuration).filter((socket) => asked(socket, query)));
	return groups.flatMap((group): CounterAnswer[] => {
		const [socket] = group;
		if (!socket) return [];
		const match = matchSocket({ configuration, catalogue, shop }, socket);
		const best: Candidate | undefined = match.candidates[0];
		return [
			{
				place: groupName(group),
				socket: socket.id,
				category: socket.category ?? null,
				open: match.open ? OPEN_WORDS[match.open] : null,
				best: best ? candidateView(best, { configuration, socket, shop }) : null,
				doubts: doubtsOf(group),
				others: match.candidates.filter((c) => c !== best && c.verdict !== 'refused').length
			}
		];
	});
}

async function read(db: Knex, line: string): Promise<CounterQuery> {
	const words = line.toLowerCase().split(/[\s,/+-]+/);
	const known = new Set<string>();
	for (const word of new Set(words)) if (word && (await isVehicleWord(db, word))) known.add(word);
	return readCounterQuery(line, (word) => known.has(word));
}

/** Answers a line typed at the counter: vehicles that match, and for the functions named the best lamp of each place. */
export async function askCounter(db: Knex, line: string): Promise<CounterReply> {
	const query = await read(db, line);
	const { ids, read: reread } = await searchIds(db, query.vehicle, MAX_VEHICLES);
	const found = await findConfigurations(db, ids);
	const data = await shopData(db);
	return {
		understood: {
			vehicle: query.vehicle.join(' '),
			functions: query.functions.map((id) => lampFunction(id).label),
			side: query.side,
			zone: query.zone,
			slips: reread.map(({ typed, as }) => `“${typed}” read as ${as.join(' or ')}`)
		},
		kit: query.kit ? (query.zone ?? 'vehicle') : null,
		vehicles: found.map((c) => ({
			id: c.id,
			name: vehicleName(c),
			sockets: socketViews(c),
			answers: answers(c, query, data)
		}))
	};
}
