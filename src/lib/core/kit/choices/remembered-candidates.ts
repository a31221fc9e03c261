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

/** Candidates, and the vehicle whose socket they were judged in. */
interface Judged {
	of: string;
	candidates: Candidate[];
}

const cache = new WeakMap<Catalogue, WeakMap<Shop['accessories'], Map<string, Judged>>>();

function rememberedFor({ accessories }: Shop, catalogue: Catalogue): Map<string, Judged> {
	const ofCatalogue = cache.get(catalogue) ?? new WeakMap<Shop['accessories'], Map<string, Judged>>();
	cache.set(catalogue, ofCatalogue);
	const ofShop = ofCatalogue.get(accessories) ?? new Map<string, Judged>();
	ofCatalogue.set(accessories, ofShop);
	return ofShop;
}

function remember(remembered: Map<string, Judged>, key: string, judged: Judged): void {
	let held = judged.candidates.length;
	for (const { candidates } of remembered.values()) held += candidates.length;
	if (held > MAX_REMEMBERED) remembered.clear();
	remembered.set(key, judged);
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
	const { id, kind, market, flasher, voltage, years, looks } = configuration;
	const { policy, exception, assumptions } = shop;
	const own = catalogue.hasFieldFacts ? id : null;
	const key = JSON.stringify([
		own,
		kind,
		market,
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
	const judged = known ?? { of: id as string, candidates: candidatesFor(prepared, catalogue) };
	if (!known) remember(remembered, key, judged);
	// Of another vehicle that is alike: the same verdicts, in a socket of this one.
	const candidates = judged.of === id ? judged.candidates : judged.candidates.map((c) => c.in(prepared));
	return { socket, open: null, candidates };
}
