import type { Product } from '../../model';
import type { ProductCase, SocketCase } from '../cases';
import type { Finding } from '../findings/finding';
import { scoreOf, scoreParts, type ScorePart } from '../ranking';
import { RULE_LIST } from '../rules';
import { VERDICT_OF, verdictOf, VERDICTS, worseVerdict, type Verdict } from '../findings/verdict';

/** Runs every rule on one product in one socket. */
export function findingsFor(socket: SocketCase, product: ProductCase): Finding[] {
	const findings: Finding[] = [];
	for (const rule of RULE_LIST) {
		const found = rule(socket, product);
		if (Array.isArray(found)) findings.push(...found);
		else if (found) findings.push(found);
	}
	return findings;
}

/** The verdict alone: the same rules in the same order, but nobody looks further once something refuses. */
export function quickVerdict(socket: SocketCase, product: ProductCase): Verdict {
	let worst: Verdict | null = null;
	for (const rule of RULE_LIST) {
		const found = rule(socket, product);
		if (found === null) continue;
		const verdict = Array.isArray(found) ? verdictOfSome(found) : VERDICT_OF[found.level];
		if (verdict === 'refused') return verdict;
		if (verdict !== null) worst = worst === null ? verdict : worseVerdict(worst, verdict);
	}
	return worst ?? 'unknown';
}

/** Nothing found by a rule that looked says nothing. */
function verdictOfSome(findings: readonly Finding[]): Verdict | null {
	return findings.length === 0 ? null : verdictOf(findings);
}

/** One product judged in one socket. The verdict is there at once; the findings are worked out when somebody reads them. */
export class Candidate {
	#findings: Finding[] | null = null;
	#score: number | null = null;

	/** Rank among verdicts: a filament lamp that fits comes after every LED that fits, alone or with parts, and before the unsure. */
	private readonly rank: number;

	constructor(
		private readonly socket: SocketCase,
		private readonly judged: ProductCase,
		readonly verdict: Verdict = quickVerdict(socket, judged)
	) {
		const rank = VERDICTS.indexOf(verdict);
		this.rank = judged.lamp === 'filament' && rank < VERDICTS.indexOf('unknown') ? 1.5 : rank;
	}

	get product(): Product {
		return this.judged.record;
	}

	/** Every finding of every rule, gate by gate. */
	get findings(): Finding[] {
		this.#findings ??= findingsFor(this.socket, this.judged);
		return this.#findings;
	}

	/** Score by the criteria of the shop, 0 to 100. */
	get score(): number {
		this.#score ??= scoreOf(this.socket, this.judged);
		return this.#score;
	}

	/** The score opened into its parts. */
	get scoreParts(): ScorePart[] {
		return scoreParts(this.socket, this.judged);
	}

	/** The prepared socket and product it was judged from. */
	get cases(): { socket: SocketCase; product: ProductCase } {
		return { socket: this.socket, product: this.judged };
	}

	/** The same verdict for a socket that is alike in every fact a rule may look at. */
	in(socket: SocketCase): Candidate {
		return new Candidate(socket, this.judged, this.verdict);
	}

	/** Better ones first: verdict, then score, then id so that the order never wavers. The refused are not scored: by price. */
	static compare(a: Candidate, b: Candidate): number {
		return (
			a.rank - b.rank ||
			(a.verdict === 'refused' ? a.judged.price - b.judged.price || 0 : b.score - a.score) ||
			(a.product.id < b.product.id ? -1 : 1)
		);
	}
}
