import type { Knex } from 'knex';
import type { Configuration, PolicyException, Product, Socket } from '../../core/model';
import {
	Candidate,
	bestUnder,
	colourMatrix,
	coverageByMaker,
	coverageByPart,
	coverageOf,
	matchConfiguration,
	matchSocket,
	NO_PREFERENCES,
	socketCase,
	type ColourMatrix,
	type SocketMatch,
	type Preferences
} from '../../core/match';
import {
	candidateDetail,
	candidateView,
	coverageView,
	type CoverageView,
	type MatchCandidateView,
	type NeighbourView
} from '../../core/views';
import { findConfiguration } from '../repositories/configurations';
import { listKits } from '../repositories/kits';
import { shopData, type ShopData } from './catalogue';

/** A socket's candidates as Match shows them. */
export interface MatchView {
	open: SocketMatch['open'];
	candidates: MatchCandidateView[];
	neighbours: NeighbourView[];
	/** Set when a product was asked for by its number: why it is not among the candidates, if it is not. */
	asked: { product: string; note: string | null } | null;
	/** Words of the exception signed for the draft kit of this vehicle, under which everything here is judged. */
	exception: string | null;
}

function shown(
	candidate: Candidate,
	{ configuration, socket, shop }: { configuration: Configuration; socket: Socket; shop: ShopData['shop'] }
) {
	return { ...candidateView(candidate, { configuration, socket, shop }), detail: candidateDetail(candidate) };
}

/** The exception signed for the draft kit last touched, if any. */
async function exceptionOf(db: Knex, id: string): Promise<PolicyException | undefined> {
	return (await listKits(db, id)).find((kit) => kit.state === 'draft')?.order.exception;
}

const byNumber = (text: string) => {
	const wanted = text.trim().toLowerCase();
	return ({ id, packs }: Product) =>
		id.toLowerCase() === wanted || packs.some((pack) => pack.sku.toLowerCase() === wanted);
};

/**
 * A socket's candidates, best first; null when vehicle or socket is not there.
 * @param why product number or SKU somebody asks about; it is judged and put among the candidates whatever it is made for
 */
export async function showMatch(
	db: Knex,
	id: string,
	{ socketId, why = '' }: { socketId: string; why?: string }
): Promise<MatchView | null> {
	const configuration = await findConfiguration(db, id);
	const socket = configuration?.sockets.find((s) => s.id === socketId);
	if (!configuration || !socket) return null;
	const { catalogue, shop: usual } = await shopData(db);
	const exception = await exceptionOf(db, id);
	const shop = { ...usual, exception };
	const { open, candidates } = matchSocket({ configuration, catalogue, shop }, socket);
	const prepared = socketCase(configuration, socket, { shop, through: catalogue.through });
	const list = candidates.map((c) => shown(c, { configuration, socket, shop }));
	let asked: MatchView['asked'] = null;
	if (why.trim() !== '') {
		const product = catalogue.all.find((p) => byNumber(why)(p.product));
		if (!product) asked = { product: '', note: `No product or pack has the number “${why.trim()}”.` };
		else if (!prepared)
			asked = { product: '', note: 'Nothing can be judged here, since there is no lamp category to judge by.' };
		else {
			asked = { product: product.product.id, note: null };
			if (!list.some((c) => c.product === product.product.id))
				list.push(shown(new Candidate(prepared, product), { configuration, socket, shop }));
		}
	}
	const neighbours = (prepared?.neighbours ?? []).map(({ name, sight, white }) => ({ name, sight, white }));
	return { open, candidates: list, neighbours, asked, exception: exception?.words ?? null };
}

/** What a wish costs over a whole vehicle, and how its whites look together. */
export interface WholeView {
	sockets: number;
	coverage: CoverageView[];
	/** With no wish at all. */
	free: CoverageView;
	makers: { maker: string; served: number }[];
	matrix: ColourMatrix;
}

/** Answers a wish over all sockets at once; null when the vehicle is not there. The matrix takes the best LED that the wish leaves, or the filament lamp. */
export async function showWhole(
	db: Knex,
	id: string,
	{ preferences, stockOnly }: { preferences: Preferences; stockOnly: boolean }
): Promise<WholeView | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const { catalogue, shop } = await shopData(db);
	const matches = matchConfiguration(configuration, catalogue, shop);
	const parts = coverageByPart(matches, preferences);
	const chosen = bestUnder(matches, preferences);
	return {
		sockets: configuration.sockets.length,
		coverage: parts.map((part) => coverageView(configuration, part)),
		free: coverageView(configuration, coverageOf(matches, NO_PREFERENCES)),
		makers: coverageByMaker(matches),
		matrix: colourMatrix(
			configuration,
			(socket) => (stockOnly ? null : (chosen.get(socket.id) ?? null)),
			catalogue.through
		)
	};
}
