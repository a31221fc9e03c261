import { describe, type DescribedFinding } from '../../../../core/match';
import type { Product } from '../../../../core/model';
import {
	codeAt,
	missingProducts,
	offeredIn,
	promiseOf,
	serves,
	unmetIn,
	type Box,
	type Cover,
	type Missing,
	type MissingProducts,
	type PowerBand,
	type PriceBand,
	type Share
} from '../../../../core/cover';
import { specificationLines, specificationShort } from '../../../../core/views';
import { fingerprint } from '../../../fingerprint';
import { talliedFrom } from './overview';
import { chosen, once, type CoverAsked, type CoverTools } from './tools';

/** A specification as it is shown. */
export interface MissingView {
	/** Names it in addresses; equal for equal specifications. */
	key: string;
	specification: Product;
	/** The specification in a few words, and in full, a line each. */
	short: string;
	lines: [label: string, text: string][];
	sockets: number;
	vehicles: number;
	weight: number;
	completes: number;
	boxes: readonly Box[];
	power: PowerBand;
	price: PriceBand | null;
	/** The product beyond the offer that closes the most of these sockets; null where none closes any. */
	catalogue: { id: string; name: string; sockets: number } | null;
}

/** Why some sockets stay open whatever lamp is bought. */
export interface NeverView {
	key: string;
	why: DescribedFinding[];
	isUnknown: boolean;
	sockets: number;
	weight: number;
}

/** What is missing most, and what no lamp would close. */
export interface MissingList {
	open: { sockets: number; vehicles: number };
	missing: MissingView[];
	never: NeverView[];
}

/** Boxes that are shown beside the one chosen. */
const MOST_BOXES = 12;

/** Names a specification. */
const keyOf = (missing: Missing): string => fingerprint(missing.specification);

/** Names a reason by its codes. */
const reasonKey = ({ findings }: MissingProducts['never'][number]): string =>
	fingerprint(findings.map(({ code }) => code));

/** What is missing, worked out once for each question. */
export const missingFrom = (tools: CoverTools, asked: CoverAsked): Promise<MissingProducts> =>
	once(tools, { name: 'missing', asked }, ({ cover, weights }) =>
		missingProducts(cover, offeredIn(cover, asked), weights)
	);

/** The product of a catalogue, not on offer here and now, that closes the most of some places. */
function inCatalogue(
	cover: Cover,
	{ open }: MissingProducts,
	{ asked, places }: { asked: CoverAsked; places: readonly number[] }
) {
	const [here, anywhere] = [offeredIn(cover, asked), offeredIn(cover, { ...asked, from: 'catalogue' })];
	const closes = new Map<number, number>();
	for (const place of places) {
		const row = cover.rows[place];
		const sockets = open.places.get(place)?.sockets ?? 0;
		if (!row) continue;
		cover.shelfOf(cover.places[place]?.category ?? '').forEach((product, i) => {
			if (anywhere[product] && !here[product] && serves(codeAt(row, i)))
				closes.set(product, (closes.get(product) ?? 0) + sockets);
		});
	}
	const [best] = [...closes].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
	const record = best && cover.products[best[0]]?.record;
	return best && record ? { id: record.id, name: record.name, sockets: best[1] } : null;
}

const viewOf = (missing: Missing, catalogue: MissingView['catalogue']): MissingView => {
	const { places: _places, boxes, ...rest } = missing;
	return {
		key: keyOf(missing),
		...rest,
		short: specificationShort(missing.specification),
		lines: specificationLines(missing.specification, missing.power),
		boxes: boxes.slice(0, MOST_BOXES),
		catalogue
	};
};

/** The products that would close the most, and what no product would. */
export async function missing(tools: CoverTools, asked: CoverAsked): Promise<MissingList> {
	const all = await missingFrom(tools, asked);
	const { open, missing: found, never } = all;
	return {
		open: {
			sockets: open.openSockets.reduce((sum, n) => sum + n, 0),
			vehicles: open.openSockets.filter((n) => n > 0).length
		},
		missing: found.map((one) => viewOf(one, inCatalogue(tools.cover, all, { asked, places: one.places }))),
		never: never.map((one) => ({
			key: reasonKey(one),
			why: one.findings.map((finding) => describe(finding)),
			isUnknown: one.isUnknown,
			sockets: one.sockets,
			weight: one.weight
		}))
	};
}

/** The places that one specification would close, or one reason keeps open, by number. */
export async function placesOfKey(
	tools: CoverTools,
	asked: CoverAsked,
	key: string
): Promise<readonly number[] | null> {
	const { missing: found, never } = await missingFrom(tools, asked);
	return found.find((one) => keyOf(one) === key)?.places ?? never.find((one) => reasonKey(one) === key)?.places ?? null;
}

/** What cover would be with some products more. */
export interface TryOut {
	before: Share;
	after: Share;
	sockets: number;
	vehicles: number;
	completes: number;
}

/** Puts products in that are not on offer, and says how the cover moves. */
export async function tryOut(tools: CoverTools, asked: CoverAsked, products: readonly Product[]): Promise<TryOut> {
	const { cover, weights } = await chosen(tools, asked);
	const offered = offeredIn(cover, asked);
	const { all } = await talliedFrom(tools, asked);
	const { sockets, vehicles, weight, completes } = promiseOf(cover, unmetIn(cover, offered, weights), products);
	return {
		before: all,
		after: { ...all, served: all.served + sockets, servedWeight: all.servedWeight + weight },
		sockets,
		vehicles,
		completes
	};
}
