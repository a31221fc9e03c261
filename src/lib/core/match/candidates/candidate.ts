import type { Product } from '../../model';
import type { ProductCase, SocketCase } from '../cases';
import type { Finding, Gate, Level } from '../findings/finding';
import { scoreOf, scoreParts, type ScorePart } from '../ranking';
import { RULE_LIST } from '../rules';
import { contestedFindings, withOpenValues } from './contested';
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
	#distance: number | null = null;

	/** Rank among verdicts: a filament lamp that fits comes after every LED that fits, alone or with parts, and before the unsure. */
	private readonly rank: number;

	constructor(
		private readonly socket: SocketCase,
		private readonly judged: ProductCase,
		readonly verdict: Verdict = verdictWithOpenValues(socket, judged)
	) {
		const rank = VERDICTS.indexOf(verdict);
		this.rank = judged.lamp === 'filament' && rank < VERDICTS.indexOf('unknown') ? 1.5 : rank;
	}

	get product(): Product {
		return this.judged.record;
	}

	/** Every finding of every rule, gate by gate, and what hangs on open questions. */
	get findings(): Finding[] {
		this.#findings ??= [
			...findingsFor(this.socket, this.judged),
			...contestedFindings(this.socket, this.judged, {
				inForce: quickVerdict(this.socket, this.judged),
				judge: quickVerdict
			})
		];
		return this.#findings;
	}

	/** How far it is from fitting: doubts and refusals by what they weigh, those on base and colour most. */
	get distance(): number {
		this.#distance ??= this.findings.reduce((sum, { gate, level }) => sum + DISTANCE[level] * GATE_WEIGHT[gate], 0);
		return this.#distance;
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

	/**
	 * Better ones first: by verdict; those that fit by their score; of the others, the one that is nearest to fitting, then by score, and the
	 * refused by price; by id in the end, so that the order never wavers.
	 */
	static compare(a: Candidate, b: Candidate): number {
		if (a.rank !== b.rank) return a.rank - b.rank;
		const near = a.verdict === 'fits' || a.verdict === 'parts' ? 0 : a.distance - b.distance;
		return (
			near ||
			(a.verdict === 'refused' ? a.judged.price - b.judged.price || 0 : b.score - a.score) ||
			(a.product.id < b.product.id ? -1 : 1)
		);
	}
}

/** What a doubt on each gate weighs against one about a monitor: a wrong base or colour is no lamp for this place. */
const GATE_WEIGHT: Record<Gate, number> = { base: 8, colour: 8, size: 4, law: 3, heat: 2, electrics: 1 };
/** A refusal is further than any doubt. */
const DISTANCE: Record<Level, number> = { pass: 0, needs: 0.1, unknown: 1, refuse: 10 };

/** The verdict by the values in force, and by every other value of an open fact. */
function verdictWithOpenValues(socket: SocketCase, judged: ProductCase): Verdict {
	return withOpenValues(socket, judged, { inForce: quickVerdict(socket, judged), judge: quickVerdict });
}
