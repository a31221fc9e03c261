import type { Configuration, Socket } from '../../model';
import {
	candidatesFor,
	equivalenceKey,
	openMatch,
	socketCase,
	surroundings,
	type Candidate,
	type Catalogue,
	type Shop,
	type SocketCase,
	type SocketMatch
} from '../../match';

/** Candidates remembered per catalogue and shop. */
const MAX_REMEMBERED = 80_000;

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
	// The ones that were put in first go first.
	for (const [oldest, { candidates }] of remembered) {
		if (held <= MAX_REMEMBERED) break;
		remembered.delete(oldest);
		held -= candidates.length;
	}
	remembered.set(key, judged);
}

/** Candidates for a prepared socket, remembered; judged in it, or in a socket of another vehicle that no rule can tell from it. */
function judgedFor(prepared: SocketCase, catalogue: Catalogue): Judged {
	const { configuration, shop } = prepared;
	const remembered = rememberedFor(shop, catalogue);
	const key = JSON.stringify([surroundings(prepared, catalogue), equivalenceKey(prepared, catalogue)]);
	const known = remembered.get(key);
	if (known) return known;
	const judged = { of: configuration.id as string, candidates: candidatesFor(prepared, catalogue) };
	remember(remembered, key, judged);
	return judged;
}

/**
 * Candidates for a prepared socket, best first: their verdicts and their order are those of this socket. Whoever shows one asks for it `in` the
 * socket, since it may have been judged in one that is alike.
 */
export const rememberedCandidates = (prepared: SocketCase, catalogue: Catalogue): readonly Candidate[] =>
	judgedFor(prepared, catalogue).candidates;

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
	const { of, candidates } = judgedFor(prepared, catalogue);
	return {
		socket,
		open: null,
		candidates: of === configuration.id ? candidates : candidates.map((c) => c.in(prepared))
	};
}
