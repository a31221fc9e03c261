import type { Elsewhere } from './branch-shelves';
import { hasEffect, NEED_WORDS, partsFor } from '../accessories';
import type { Configuration, Product, Socket } from '../model';
import { outputNames } from '../vehicle';
import { categoryOrNull, type LampCategory } from '../lamps';
import {
	describe,
	GATES,
	gateLevel,
	piecesOf,
	survivingShare,
	triedHere,
	widestMired,
	type Candidate,
	type DescribedFinding,
	type Finding,
	type Gate,
	type Level,
	type Shop,
	type TriedHere,
	type Verdict
} from '../match';

/** A finding as a screen shows it: its words, and the parts on sale that would answer it. */
export interface FindingView extends DescribedFinding {
	parts: { id: string; name: string }[];
}

/** A candidate as a screen shows it, without anything a screen would have to work out. */
export interface CandidateView {
	product: string;
	name: string;
	maker: string;
	kind: Product['kind'];
	colour: string;
	watts: number | null;
	verdict: Verdict;
	gates: Record<Gate, Level>;
	/** What else it needs, in words. */
	needs: string[];
	/** First finding that keeps it from fitting. */
	firstReason: string | null;
	findings: FindingView[];
	/** Score by the criteria of the shop, 0 to 100; it orders candidates of one verdict. */
	score: number;
	/** Share of the filament lamp's light behind the lens; null when it does not apply or is not known. */
	lightShare: number | null;
	/** Widest difference to the whites beside it, mired. */
	mired: number | null;
	/** How tests of every mode went with it on this vehicle; null where it was never tried. */
	tried: TriedHere | null;
	/** Cheapest pack, and pieces on the shelf. */
	pack: { sku: string; count: number; price: number } | null;
	stock: number;
	/** Where else it lies, the most first, when none is here. */
	elsewhere: readonly Elsewhere[];
}

/** What a finding needs, in words; an LED flasher is named only where one on sale would do. */
function needWords({ need, parts }: FindingView, { accessories }: Shop): string[] {
	if (!need) return [];
	const flasher = parts.some(({ id }) => accessories.some((a) => a.id === id && hasEffect(a, 'steady-flasher')));
	return [flasher ? 'LED flasher or load' : NEED_WORDS[need.kind].part];
}

/** The pack that costs least; nothing when it is not on sale. */
export const cheapestPack = ({ packs }: Product) => [...packs].sort((a, b) => a.price - b.price)[0];

/** Colour of a product in a few words. */
export function colourWord({ kind, colour }: Product): string {
	if (kind === 'halogen') return colour?.cct ? `halogen ${colour.cct} K` : 'halogen';
	if (!colour) return 'not given';
	return colour.kind === 'white' && colour.cct ? `white ${colour.cct} K` : colour.kind.replace('-', ' ');
}

function worst(findings: readonly FindingView[]): string | null {
	const order: Level[] = ['refuse', 'unknown', 'needs'];
	for (const level of order) {
		const found = findings.find((f) => f.level === level);
		if (found) return `${found.measured}; required: ${found.required}`;
	}
	return null;
}

/** Where a candidate is looked at. */
interface Where {
	configuration: Configuration;
	socket: Socket;
	shop: Shop;
}

/** Prepares a candidate for showing, with every finding and the parts that would help. */
export const candidateView = (candidate: Candidate, where: Where): CandidateView =>
	viewOf(candidate, where, candidate.findings);

/** A candidate as a row of a long list shows it: of its findings those that keep it from fitting, without the parts that would help. */
export function candidateRow(candidate: Candidate, where: Where): CandidateView {
	const view = viewOf(
		candidate,
		where,
		candidate.findings.filter(({ level }) => level !== 'pass')
	);
	const against = view.findings.filter(({ level }) => level === 'refuse' || level === 'unknown');
	return { ...view, findings: against.map((finding) => ({ ...finding, parts: [] })) };
}

function viewOf(candidate: Candidate, where: Where, shown: readonly Finding[]): CandidateView {
	const { product, verdict } = candidate;
	const category = categoryOrNull(where.socket.category) as LampCategory;
	const placeWords = { market: where.configuration.market, outputs: outputNames(where.configuration) };
	const findings = shown.map((f): FindingView => {
		const parts = f.need
			? partsFor(f.need, { category, configuration: where.configuration }, where.shop.accessories)
			: [];
		return {
			...describe(f, placeWords),
			parts: parts.map((p) => ({ id: p.id, name: p.name ?? p.id }))
		};
	});
	const pack = cheapestPack(product);
	return {
		product: product.id,
		name: product.name,
		maker: product.maker,
		kind: product.kind,
		colour: colourWord(product),
		watts: product.power?.at13v5 ?? null,
		verdict,
		gates: Object.fromEntries(GATES.map((gate) => [gate, gateLevel(candidate.findings, gate)])) as Record<Gate, Level>,
		needs: [...new Set(findings.flatMap((f) => needWords(f, where.shop)))],
		firstReason: worst(findings),
		findings,
		score: Math.round(candidate.score),
		lightShare: survivingShare(candidate.cases.socket, candidate.cases.product),
		mired: widestMired(candidate.cases.socket, candidate.cases.product),
		tried: triedHere(candidate.cases.socket, candidate.cases.product),
		pack: pack ? { sku: pack.sku, count: pack.count, price: pack.price } : null,
		stock: piecesOf(product) ?? 0,
		elsewhere: []
	};
}
