import type { Verdict } from '../match';

/** What would follow if one of the values were the right one. */
export interface ConsequenceView {
	value: unknown;
	text: string;
	/** Verdicts over all candidates of the sockets concerned. */
	counts: Record<Verdict, number>;
	/** Products whose verdict is another than under the value in force. */
	changes: { product: string; socket: string; from: Verdict; to: Verdict }[];
}

/** What depends on a question: what each value would mean for Match, and the kits that stand on it. */
export interface DependenceView {
	consequences: ConsequenceView[];
	kits: { id: string; name: string; state: string; products: string[] }[];
}
