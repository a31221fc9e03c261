import type { Configuration, Socket } from '../../model';
import {
	candidatesFor,
	equivalenceKey,
	openMatch,
	socketCase,
	type Candidate,
	type Catalogue,
	type Shop,
	type SocketMatch
} from '../../match';

/** Candidates remembered per catalogue and shop, before all of them are forgotten. */
const MAX_REMEMBERED = 60_000;

const cache = new WeakMap<Catalogue, WeakMap<Shop['accessories'], Map<string, Candidate[]>>>();

function rememberedFor({ accessories }: Shop, catalogue: Catalogue): Map<string, Candidate[]> {
	const ofCatalogue = cache.get(catalogue) ?? new WeakMap<Shop['accessories'], Map<string, Candidate[]>>();
	cache.set(catalogue, ofCatalogue);
	const ofShop = ofCatalogue.get(accessories) ?? new Map<string, Candidate[]>();
	ofCatalogue.set(accessories, ofShop);
	return ofShop;
}

function remember(remembered: Map<string, Candidate[]>, key: string, candidates: Candidate[]): void {
	let held = candidates.length;
	for (const { length } of remembered.values()) held += length;
	if (held > MAX_REMEMBERED) remembered.clear();
	remembered.set(key, candidates);
}

/**
 * Candidates for a socket as Match judges them, remembered for sockets no rule can tell apart: a kit is solved again and again while
 * somebody works on it, and most of its places stay as they are.
 */
export function rememberedMatch(
	{ configuration, catalogue, shop }: { configuration: Configuration; catalogue: Catalogue; shop: Shop },
	socket: Socket
): SocketMatch {
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	if (!prepared) return openMatch(socket);
	const remembered = rememberedFor(shop, catalogue);
	const { id, make, model, kind, market, flasher, voltage, years, looks } = configuration;
	const { policy, exception, assumptions } = shop;
	const key = JSON.stringify([
		id,
		make,
		model,
		market,
		kind,
		flasher,
		voltage,
		years,
		looks,
		policy,
		exception,
		assumptions,
		equivalenceKey(prepared)
	]);
	const known = remembered.get(key);
	const candidates = known ?? candidatesFor(prepared, catalogue);
	if (!known) remember(remembered, key, candidates);
	return { socket, open: null, candidates };
}
