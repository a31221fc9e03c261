import { categoryOrNull } from '../../lamps';
import { twinKey, voltageOf } from '../../vehicle';
import type { Complaint, Configuration, Product, Socket } from '../../model';
import { rememberingLens, type throughLens } from '../../optics';
import { Candidate } from './candidate';
import {
	fieldFacts,
	NO_FIELD,
	productCase,
	socketCase,
	trackRecords,
	type Field,
	type ProductCase,
	type Shop,
	type SocketCase
} from '../cases';
import { relatedCategories } from '../cases/relation';
import { PLACE_FACTS } from '../reads/place-facts';

/** Products prepared for matching, found by their id and by the lamp category they are made for. */
export interface Catalogue {
	find: (id: string) => ProductCase | undefined;
	/** What takes the place of several lamps at once. */
	assemblies: readonly ProductCase[];
	byCategory: ReadonlyMap<string, readonly ProductCase[]>;
	/** True when something was found of a product on a vehicle, so that one vehicle may be judged unlike another that is alike. */
	hasFieldFacts: boolean;
	/** Light through lenses, remembered for as long as the catalogue is. */
	through: typeof throughLens;
}

/**
 * Prepares products once for any number of matches.
 * @param complaints complaints on record; with what was fitted they count in the ranking
 * @param field what was found on vehicles, which goes before estimates
 */
export function compileCatalogue(
	products: readonly Product[],
	complaints: readonly Complaint[] = [],
	field: Field = NO_FIELD
): Catalogue {
	const tracks = trackRecords(field.fitted, complaints);
	const found = fieldFacts({ ...field, complaints });
	return catalogueOf(
		products.map((product) => productCase(product, { track: tracks.get(product.id), field: found.get(product.id) })),
		rememberingLens()
	);
}

/** A catalogue of products that are prepared already. */
function catalogueOf(cases: Iterable<ProductCase>, through: Catalogue['through']): Catalogue {
	const byId = new Map<string, ProductCase>();
	const byCategory = new Map<string, ProductCase[]>();
	const assemblies: ProductCase[] = [];
	for (const item of cases) {
		byId.set(item.record.id, item);
		if (item.product.withdrawn) continue;
		if (item.product.kind === 'assembly') assemblies.push(item);
		else
			for (const { category: name } of item.categories) {
				const list = byCategory.get(name);
				if (list) list.push(item);
				else byCategory.set(name, [item]);
			}
	}
	return {
		find: (id) => byId.get(id),
		byCategory,
		assemblies,
		hasFieldFacts: [...byId.values()].some(({ field }) => field.length > 0),
		through
	};
}

/** Lamp categories whose products are worth a look for any socket of a vehicle. */
export function categoriesWorthALook({ sockets }: Pick<Configuration, 'sockets'>): Set<string> {
	const own = new Set(sockets.flatMap(({ category }) => categoryOrNull(category) ?? []));
	return new Set([...own].flatMap(relatedCategories));
}

/** Products worth a look, each once, whatever number of categories it is made for. */
function worthALook(socket: SocketCase, catalogue: Catalogue): Iterable<ProductCase> {
	const products = new Map<string, ProductCase>();
	for (const name of relatedCategories(socket.category))
		for (const product of catalogue.byCategory.get(name) ?? []) products.set(product.record.id, product);
	return products.values();
}

/** All candidates for a prepared socket, best first, the refused ones too. */
export function candidatesFor(socket: SocketCase, catalogue: Catalogue): Candidate[] {
	return Array.from(worthALook(socket, catalogue), (product) => new Candidate(socket, product)).sort(Candidate.compare);
}

const isBetter = (one: Candidate, other: Candidate | null) => other === null || Candidate.compare(one, other) < 0;

/** The best candidate for a prepared socket among those that are wanted; null where none is. */
export function bestFor(
	socket: SocketCase,
	catalogue: Catalogue,
	isWanted: (candidate: Candidate) => boolean
): Candidate | null {
	let best: Candidate | null = null;
	for (const product of worthALook(socket, catalogue)) {
		const candidate = new Candidate(socket, product);
		if (isWanted(candidate) && isBetter(candidate, best)) best = candidate;
	}
	return best;
}

/** Candidates for a socket in short. */
export interface MatchSummary {
	/** The best of all, and the best LED; null where there is none. */
	best: Candidate | null;
	led: Candidate | null;
	/** How many are not refused. */
	possible: number;
}

/** The best candidates for a prepared socket, without putting all of them in order. */
export function matchSummary(socket: SocketCase, catalogue: Catalogue): MatchSummary {
	const summary: MatchSummary = { best: null, led: null, possible: 0 };
	for (const product of worthALook(socket, catalogue)) {
		const candidate = new Candidate(socket, product);
		if (candidate.verdict !== 'refused') summary.possible += 1;
		if (isBetter(candidate, summary.best)) summary.best = candidate;
		if (candidate.product.kind !== 'halogen' && isBetter(candidate, summary.led)) summary.led = candidate;
	}
	return summary;
}

export interface SocketMatch {
	socket: Socket;
	/** Why nothing can be matched, if so. */
	open: OpenReason | null;
	candidates: Candidate[];
}

/** `category-withdrawn`: a category is on record, but the table of lamps does not hold it or not as one lamp. */
export type OpenReason = 'factory-led' | 'sealed' | 'category-unknown' | 'category-withdrawn';

/** A socket nothing can be matched in, with the reason. */
export function openMatch(socket: Socket): SocketMatch {
	return { socket, open: openReason(socket), candidates: [] };
}

/** Why nothing can be matched in a socket that has no lamp category to judge by. */
export function openReason({ category, state }: Socket): OpenReason {
	if (state !== 'filament') return state;
	return category === undefined ? 'category-unknown' : 'category-withdrawn';
}

/** What a match is worked out from: a vehicle, what is on sale, and what the shop keeps to. */
export interface MatchCase {
	readonly configuration: Configuration;
	readonly catalogue: Catalogue;
	readonly shop: Shop;
}

/** All candidates for a socket, best first, the refused ones too. */
export function matchSocket({ configuration, catalogue, shop }: MatchCase, socket: Socket): SocketMatch {
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	return prepared ? { socket, open: null, candidates: candidatesFor(prepared, catalogue) } : openMatch(socket);
}

/** Equal for sockets that no rule can tell apart: all their facts but their own names, and all that is asked of their outputs. */
export function equivalenceKey(
	{ socket, channels, neighbours, others, heat }: SocketCase,
	{ hasFieldFacts }: Pick<Catalogue, 'hasFieldFacts'>
): string {
	const { id: _id, side: _side, index: _index, names: _names, evidence: _evidence, unit: _unit, ...facts } = socket;
	const outputs = channels.map(({ channel: { feed, fuse, assumed }, ...output }) => [
		feed,
		fuse,
		assumed,
		output.functions,
		output.threshold,
		output.own,
		output.same,
		output.others,
		output.stock,
		output.twoDuties
	]);
	const open = others.map(({ open: { question, value } }) => [question.subject.kind, question.fact, value]);
	// What was found on a vehicle was found in one place of it.
	const place = hasFieldFacts ? twinKey(socket) : null;
	return JSON.stringify([place, facts, outputs, neighbours.map(({ name, white }) => [name, white]), open, heat.place]);
}

/** What of a vehicle and of the shop a rule may look at, beside the socket, its outputs and its neighbours: equal for vehicles that are judged alike. */
export function surroundings(place: SocketCase, { hasFieldFacts }: Catalogue): unknown[] {
	const { configuration, shop } = place;
	const { id, kind, market, flasher, looks } = configuration;
	return [
		hasFieldFacts ? id : null,
		PLACE_FACTS.madeFor.of(place),
		[kind, market, flasher, looks, voltageOf(configuration)],
		[shop.policy, shop.exception, shop.assumptions]
	];
}

/** All sockets of a configuration, in the order they are recorded. Sockets that are alike are judged once. */
export function matchConfiguration(configuration: Configuration, catalogue: Catalogue, shop: Shop): SocketMatch[] {
	const judged = new Map<string, Candidate[]>();
	return configuration.sockets.map((socket) => {
		const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
		if (!prepared) return openMatch(socket);
		const key = equivalenceKey(prepared, catalogue);
		const twin = judged.get(key);
		if (twin) return { socket, open: null, candidates: twin.map((candidate) => candidate.in(prepared)) };
		const candidates = candidatesFor(prepared, catalogue);
		judged.set(key, candidates);
		return { socket, open: null, candidates };
	});
}
