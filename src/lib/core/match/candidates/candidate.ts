import type { Product } from '../../model';
import type { ProductCase, SocketCase } from '../cases';
import type { Finding, Gate } from '../findings/finding';
import { scoreOf, scoreParts, type ScorePart } from '../ranking';
import { RULE_LIST } from '../rules';
import { contestedFindings, withOpenValues } from './contested';
import { VERDICT_OF, VERDICTS, worseVerdict, type Verdict } from '../findings/verdict';

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

/** A verdict, and how far the lamp is from fitting. */
export interface Judgement {
	verdict: Verdict;
	/** What its doubts weigh, or its first refusal: 0 for a lamp that fits as it is. */
	distance: number;
}

/** What a doubt on each gate weighs against one about a monitor: a wrong base or colour is no lamp for this place. */
const DOUBT: Record<Gate, number> = { base: 8, colour: 8, size: 4, law: 3, heat: 2, electrics: 1 };
/** What a refusal weighs beside any doubt: one by the policy of the shop alone is nearest. */
const REFUSAL: Record<Gate, number> = { base: 800, colour: 800, size: 600, heat: 300, electrics: 300, law: 100 };

function weightOf({ gate, level }: Finding): number {
	if (level === 'unknown') return DOUBT[gate];
	return level === 'refuse' ? REFUSAL[gate] : 0;
}

/** The verdict alone: the same rules in the same order, but nobody looks further once something refuses. */
export function quickJudgement(socket: SocketCase, product: ProductCase): Judgement {
	let worst: Verdict | null = null;
	let distance = 0;
	for (const rule of RULE_LIST) {
		const found = rule(socket, product);
		if (found === null) continue;
		for (const one of Array.isArray(found) ? found : [found]) {
			const verdict = VERDICT_OF[one.level];
			distance += weightOf(one);
			if (verdict === 'refused') return { verdict, distance };
			worst = worst === null ? verdict : worseVerdict(worst, verdict);
		}
	}
	return { verdict: worst ?? 'unknown', distance };
}

const quickVerdict = (socket: SocketCase, product: ProductCase): Verdict => quickJudgement(socket, product).verdict;

/** One product judged in one socket. The verdict is there at once; the findings are worked out when somebody reads them. */
export class Candidate {
	#findings: Finding[] | null = null;
	#score: number | null = null;

	/** Rank among verdicts: a filament lamp that fits comes after every LED that fits, alone or with parts, and before the unsure. */
	private readonly rank: number;

	readonly verdict: Verdict;
	/** How far it is from fitting: what its doubts weigh, those on base and colour most, or its first refusal. */
	readonly distance: number;

	constructor(
		private readonly socket: SocketCase,
		private readonly judged: ProductCase,
		{ verdict, distance }: Judgement = judgeOpen(socket, judged)
	) {
		this.verdict = verdict;
		this.distance = distance;
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
			...contestedFindings(this.socket, this.judged, quickVerdict)
		];
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
		return new Candidate(socket, this.judged, this);
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

/** The judgement by the values in force, and by every other value of an open fact. */
function judgeOpen(socket: SocketCase, judged: ProductCase): Judgement {
	const { verdict: inForce, distance } = quickJudgement(socket, judged);
	return { verdict: withOpenValues(socket, judged, { inForce, judge: quickVerdict }), distance };
}
