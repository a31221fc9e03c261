import type { Configuration, Product, Socket } from '../exchange';
import { categoryOrNull } from '../lamps';
import { rememberingLens } from '../optics';
import { productCase, socketCase, type ProductCase, type Shop, type SocketCase } from './case';
import type { Finding } from './finding';
import { relatedCategories } from './relation';
import { RULES } from './rules';
import { verdictOf, VERDICTS, type Verdict } from './verdict';

/** One product judged in one socket. */
export interface Candidate {
	product: Product;
	verdict: Verdict;
	findings: Finding[];
}

/** Products prepared for matching, found by the lamp category they are made for. */
export interface Catalogue {
	all: readonly ProductCase[];
	byCategory: ReadonlyMap<string, readonly ProductCase[]>;
}

/** Prepares products once for any number of matches. */
export function compileCatalogue(products: readonly Product[]): Catalogue {
	const all = products.map(productCase);
	const byCategory = new Map<string, ProductCase[]>();
	for (const item of all)
		for (const fits of item.product.fits) {
			const name = categoryOrNull(fits)?.category ?? fits;
			const list = byCategory.get(name);
			if (list) list.push(item);
			else byCategory.set(name, [item]);
		}
	return { all, byCategory };
}

/** Runs every rule on one product in one socket. */
export function judge(socket: SocketCase, product: ProductCase): Candidate {
	const findings: Finding[] = [];
	for (const rule of RULES) {
		const found = rule(socket, product);
		if (Array.isArray(found)) findings.push(...found);
		else if (found) findings.push(found);
	}
	return { product: product.product, verdict: verdictOf(findings), findings };
}

function candidatesFor(socket: SocketCase, catalogue: Catalogue): ProductCase[] {
	return [...new Set(relatedCategories(socket.category).flatMap((name) => catalogue.byCategory.get(name) ?? []))];
}

/** Price of one lamp in the cheapest pack, minor units; infinite when it is not on sale. */
export function pricePerLamp(product: Product): number {
	return Math.min(Infinity, ...product.packs.map((pack) => pack.price / pack.count));
}

/** Packs on the shelf; a pack without a count is not known to be there. */
export function inStock(product: Product): boolean {
	return product.packs.some((pack) => (pack.stock ?? 0) > 0);
}

/** A filament lamp that fits comes after every LED that fits, alone or with parts, and before what nobody can be sure of. */
function standing({ verdict, product }: Candidate): number {
	const rank = VERDICTS.indexOf(verdict);
	return product.kind === 'halogen' && rank < VERDICTS.indexOf('unknown') ? 1.5 : rank;
}

/** Better candidates first: verdict, then on the shelf, then price, then id so that the order never wavers. */
export function compareCandidates(a: Candidate, b: Candidate): number {
	return (
		standing(a) - standing(b) ||
		Number(inStock(b.product)) - Number(inStock(a.product)) ||
		pricePerLamp(a.product) - pricePerLamp(b.product) ||
		a.product.id.localeCompare(b.product.id)
	);
}

export interface SocketMatch {
	socket: Socket;
	/** Why nothing can be matched, if so. */
	open: 'factory-led' | 'sealed' | 'category-unknown' | null;
	candidates: Candidate[];
}

/** All candidates for a socket, best first, the refused ones too. */
export function matchSocket(
	configuration: Configuration,
	socket: Socket,
	catalogue: Catalogue,
	shop: Shop,
	through = rememberingLens()
): SocketMatch {
	const prepared = socketCase(configuration, socket, shop, through);
	if (!prepared) return { socket, open: socket.state === 'filament' ? 'category-unknown' : socket.state, candidates: [] };
	const candidates = candidatesFor(prepared, catalogue).map((product) => judge(prepared, product));
	return { socket, open: null, candidates: candidates.sort(compareCandidates) };
}

/** All sockets of a configuration, in the order they are recorded. */
export function matchConfiguration(configuration: Configuration, catalogue: Catalogue, shop: Shop): SocketMatch[] {
	const through = rememberingLens();
	return configuration.sockets.map((socket) => matchSocket(configuration, socket, catalogue, shop, through));
}
