import { piecesOf, survivingShare, VERDICTS, widestMired, type Candidate, type Verdict } from '../match';
import { cheapestPack, colourWord } from './candidate';
import type { CandidateOrder } from './candidate-orders';

/** What of a list of candidates a person wants to see. */
export interface CandidateWish {
	/** Words that maker, name, number, light or kind must hold. */
	typed: string;
	verdicts: readonly Verdict[];
	/** What it is ordered by; best first when null. */
	by: CandidateOrder | null;
	down: boolean;
}

/** All of them, best first. */
export const EVERY_CANDIDATE: CandidateWish = { typed: '', verdicts: VERDICTS, by: null, down: false };

/** Of one lamp in the pack that stands in the list. */
function perLamp({ product }: Candidate): number {
	const pack = cheapestPack(product);
	return pack ? pack.price / pack.count : Infinity;
}

/** What candidates may be ordered by: a number, or words. */
const ORDERS = {
	verdict: (c: Candidate) => VERDICTS.indexOf(c.verdict),
	product: (c: Candidate) => `${c.product.maker} ${c.product.name}`.toLowerCase(),
	score: (c: Candidate) => c.score,
	colour: (c: Candidate) => colourWord(c.product),
	share: ({ cases }: Candidate) => survivingShare(cases.socket, cases.product) ?? -1,
	mired: ({ cases }: Candidate) => widestMired(cases.socket, cases.product) ?? Infinity,
	watts: (c: Candidate) => c.product.power?.at13v5 ?? Infinity,
	price: perLamp,
	stock: (c: Candidate) => piecesOf(c.product) ?? 0
} satisfies Record<CandidateOrder, (candidate: Candidate) => number | string>;

const textOf = ({ product }: Candidate) =>
	`${product.id} ${product.maker} ${product.name} ${colourWord(product)} ${product.kind}`.toLowerCase();

/** What is left of candidates under a wish, in its order. Those that are alike under it stay in the order they came. */
export function wished(candidates: readonly Candidate[], { typed, verdicts, by, down }: CandidateWish): Candidate[] {
	const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
	const left = candidates.filter(
		(candidate) =>
			verdicts.includes(candidate.verdict) &&
			(words.length === 0 || words.every((word) => textOf(candidate).includes(word)))
	);
	if (by === null) return left;
	const valued = left.map((candidate, place) => ({ candidate, place, value: ORDERS[by](candidate) }));
	const way = down ? -1 : 1;
	valued.sort((a, b) => (a.value === b.value ? a.place - b.place : (a.value < b.value ? -1 : 1) * way));
	return valued.map(({ candidate }) => candidate);
}
