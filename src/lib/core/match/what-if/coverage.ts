import type { Configuration, Product } from '../../model';
import type { Candidate } from '../candidates/candidate';
import { bestFor, equivalenceKey, type Catalogue, type SocketMatch } from '../candidates/match';
import { socketCase, type Shop } from '../cases';
import { PREFERENCE_KINDS } from './kinds';
import type { Preferences } from './preferences';

/** A socket that a wish leaves without a lamp, or gives another one. */
export interface Moved {
	socket: string;
	before: Candidate;
	/** The best that is left; null when nothing is. */
	after: Candidate | null;
}

/** What a wish costs over all sockets. */
export interface Coverage {
	label: string;
	/** Sockets that can be served at all, and those that still can. */
	of: number;
	served: number;
	lost: Moved[];
	changed: Moved[];
	/** Price of the best lamp of each served socket, singly, minor units. */
	price: number;
}

/** An LED that fits, alone or with parts; what a kit would choose from. */
const serves = ({ product, verdict }: Candidate) =>
	product.kind !== 'halogen' && (verdict === 'fits' || verdict === 'parts');

const priceOf = ({ product }: Candidate) =>
	product.packs.length === 0 ? 0 : Math.min(...product.packs.map((pack) => pack.price / pack.count));

function labelOf(preferences: Preferences): string {
	const made = PREFERENCE_KINDS.filter((kind) => kind.made(preferences)).map((kind) => kind.label(preferences));
	return made.join(', ') || 'no wish';
}

/** Which candidates a wish keeps. */
export function meetsPreferences(preferences: Preferences): (candidate: Candidate) => boolean {
	const kinds = PREFERENCE_KINDS.filter((kind) => kind.made(preferences));
	return (candidate) => kinds.every((kind) => kind.keeps(candidate, preferences));
}

/** The best LED a wish leaves for each socket, by socket id; sockets it leaves without one are not in it. */
export function bestUnder(matches: readonly SocketMatch[], preferences: Preferences): Map<string, Product> {
	const keeps = meetsPreferences(preferences);
	return new Map(
		matches.flatMap(({ socket, candidates }): [string, Product][] => {
			const best = candidates.find((candidate) => serves(candidate) && keeps(candidate));
			return best ? [[socket.id, best.product]] : [];
		})
	);
}

/** The best lamp to sell for each socket that has one, in the order of the sockets; the others are left out. */
export function bestLamps(
	configuration: Configuration,
	{ catalogue, shop }: { catalogue: Catalogue; shop: Shop }
): [socket: string, product: Product][] {
	const judged = new Map<string, Candidate | null>();
	return configuration.sockets.flatMap((socket): [string, Product][] => {
		const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
		if (!prepared) return [];
		const key = equivalenceKey(prepared, catalogue);
		const best = judged.get(key) ?? bestFor(prepared, catalogue, serves);
		judged.set(key, best);
		return best ? [[socket.id, best.product]] : [];
	});
}

/** How many sockets the wish leaves with a lamp, which it loses, and where the best one changes. */
export function coverageOf(matches: readonly SocketMatch[], preferences: Preferences): Coverage {
	const keeps = meetsPreferences(preferences);
	const moves = matches.flatMap(({ socket, candidates }): Moved[] => {
		const good = candidates.filter(serves);
		const [before] = good;
		return before ? [{ socket: socket.id, before, after: good.find(keeps) ?? null }] : [];
	});
	const kept = moves.flatMap(({ after }) => after ?? []);
	return {
		label: labelOf(preferences),
		of: moves.length,
		served: kept.length,
		lost: moves.filter(({ after }) => after === null),
		changed: moves.filter(({ before, after }) => after !== null && after.product.id !== before.product.id),
		price: kept.reduce((sum, candidate) => sum + priceOf(candidate), 0)
	};
}

/** Each part of a wish by itself, and the whole of it when it has several: what each costs in coverage. */
export function coverageByPart(matches: readonly SocketMatch[], preferences: Preferences): Coverage[] {
	const parts = PREFERENCE_KINDS.filter((kind) => kind.made(preferences)).map((kind) =>
		coverageOf(matches, kind.alone(preferences))
	);
	return parts.length > 1 ? [...parts, coverageOf(matches, preferences)] : parts;
}

/** Makers by how many sockets they could serve alone, best first. */
export function coverageByMaker(matches: readonly SocketMatch[]): { maker: string; served: number }[] {
	const served = new Map<string, number>();
	for (const { candidates } of matches)
		for (const maker of new Set(candidates.filter(serves).map(({ product }) => product.maker)))
			served.set(maker, (served.get(maker) ?? 0) + 1);
	return [...served]
		.map(([maker, count]) => ({ maker, served: count }))
		.sort((a, b) => b.served - a.served || a.maker.localeCompare(b.maker));
}
