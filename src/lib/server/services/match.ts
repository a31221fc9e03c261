import type { Knex } from 'knex';
import { rememberedCandidates } from '../../core/kit';
import type { PolicyException, Product } from '../../core/model';
import {
	Candidate,
	openReason,
	piecesOf,
	socketCase,
	type ProductCase,
	type SocketCase,
	type SocketMatch,
	type Verdict
} from '../../core/match';
import {
	candidateDetail,
	candidateRow,
	candidateView,
	EVERY_CANDIDATE,
	filamentAnswer,
	wished,
	type CandidateView,
	type CandidateWish,
	type FilamentAnswer,
	type MatchCandidateView,
	type NeighbourView
} from '../../core/views';
import { findConfiguration } from '../repositories/configurations';
import { kitsHere } from '../repositories/kits';
import { itemOfSku } from '../repositories/packs';
import { findProduct, productIdLike } from '../repositories/products';
import { elsewhere } from './branches';
import { shopData } from './catalogue';

/** A socket's candidates as Match shows them. */
export interface MatchView {
	open: SocketMatch['open'];
	/** How many there are of each verdict, before any wish. */
	counts: Record<Verdict, number>;
	/** The first of those a wish leaves, and how many it leaves. */
	candidates: CandidateView[];
	left: number;
	/** Those that are looked at, with the numbers behind them: the chosen one first, then those beside it. */
	looked: MatchCandidateView[];
	filament: FilamentAnswer | null;
	neighbours: NeighbourView[];
	/** Set when a product was asked for by its number: why it is not among the candidates, if it is not. */
	asked: { product: string; note: string | null } | null;
	/** Words of the exception signed for the draft kit of this vehicle, under which everything here is judged. */
	exception: string | null;
}

/** What somebody wants to see of a socket's candidates. */
export interface MatchWish extends CandidateWish {
	socketId: string;
	/** Rows at most. */
	most: number;
	/** Products looked at: the chosen one first; the best one when none is named. */
	looked: readonly string[];
	/** Product number or SKU somebody asks about; it is judged and put among the candidates whatever it is made for. */
	why: string;
}

/** Rows shown until somebody asks for more. */
export const FIRST_ROWS = 30;

/** What Match shows of a socket unless somebody wants something else. */
export const matchWish = (socketId: string, more: Partial<MatchWish> = {}): MatchWish => ({
	...EVERY_CANDIDATE,
	socketId,
	most: FIRST_ROWS,
	looked: [],
	why: '',
	...more
});

/** The exception signed for the draft kit last touched, if any. */
async function exceptionOf(db: Knex, id: string): Promise<PolicyException | undefined> {
	return (await kitsHere(db, id)).find((kit) => kit.state === 'draft')?.order.exception;
}

/** The product a person means by its number or by the number of a pack; null when nothing has it. */
async function productNumbered(db: Knex, text: string): Promise<Product | null> {
	const id = (await productIdLike(db, text)) ?? (await itemOfSku(db, text));
	return id === null ? null : findProduct(db, id);
}

/** What the product asked about is answered by, and the candidate it makes beside the others. */
function askedAbout(
	{ why, product, prepared }: { why: string; product: ProductCase | null; prepared: SocketCase | null },
	candidates: readonly Candidate[]
): { asked: MatchView['asked']; more: Candidate[] } {
	if (why === '') return { asked: null, more: [] };
	if (!product) return { asked: { product: '', note: `No product or pack has the number “${why}”.` }, more: [] };
	if (!prepared)
		return {
			asked: { product: '', note: 'Nothing can be judged here, since there is no lamp category to judge by.' },
			more: []
		};
	const { id } = product.record;
	const more = candidates.some((c) => c.product.id === id) ? [] : [new Candidate(prepared, product)];
	return { asked: { product: id, note: null }, more };
}

function countsOf(candidates: readonly Candidate[]): Record<Verdict, number> {
	const counts: Record<Verdict, number> = { fits: 0, parts: 0, unknown: 0, refused: 0 };
	for (const { verdict } of candidates) counts[verdict] += 1;
	return counts;
}

/** Says of candidates of which none is here where some are. */
async function noneHere(db: Knex, candidates: readonly Candidate[]) {
	const found = await elsewhere(
		db,
		candidates.flatMap(({ product }) => (piecesOf(product) === 0 ? product : []))
	);
	return (view: CandidateView): CandidateView => ({ ...view, elsewhere: found.get(view.product) ?? [] });
}

/** A socket's candidates, best first unless another order is wished; null when vehicle or socket is not there. */
export async function showMatch(db: Knex, id: string, wish: MatchWish): Promise<MatchView | null> {
	const configuration = await findConfiguration(db, id);
	const socket = configuration?.sockets.find((s) => s.id === wish.socketId);
	if (!configuration || !socket) return null;
	const why = wish.why.trim();
	const named = why === '' ? null : await productNumbered(db, why);
	const products = [...wish.looked, ...(named ? [named.id] : [])];
	const { catalogue, shop: usual } = await shopData(db, { configurations: [{ sockets: [socket] }], products });
	const exception = await exceptionOf(db, id);
	const shop = { ...usual, exception };
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	const candidates = prepared ? rememberedCandidates(prepared, catalogue) : [];
	const product = (named && catalogue.find(named.id)) ?? null;
	const { asked, more } = askedAbout({ why, product, prepared }, candidates);
	const every = more.length === 0 ? candidates : [...candidates, ...more];
	const left = wished(every, wish);
	const here = (candidate: Candidate) => (prepared ? candidate.in(prepared) : candidate);
	const where = { configuration, socket, shop };
	const rows = [...left.slice(0, wish.most), ...more.filter((one) => left.indexOf(one) >= wish.most)];
	const [chosen = asked?.product ?? left[0]?.product.id ?? every[0]?.product.id, ...beside] = wish.looked;
	const looked = [...new Set([chosen, ...beside])].flatMap((one) => every.find((c) => c.product.id === one) ?? []);
	const atOthers = await noneHere(db, [...rows, ...looked]);
	return {
		open: prepared ? null : openReason(socket),
		counts: countsOf(every),
		candidates: rows.map((candidate) => atOthers(candidateRow(here(candidate), where))),
		left: left.length,
		looked: looked.map((candidate) => ({
			...atOthers(candidateView(here(candidate), where)),
			detail: candidateDetail(here(candidate))
		})),
		filament: filamentAnswer(every),
		neighbours: (prepared?.neighbours ?? []).map(({ name, sight, white }) => ({ name, sight, white })),
		asked,
		exception: exception?.words ?? null
	};
}
