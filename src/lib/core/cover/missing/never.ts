import { placeOf, productCase, RULE_IDS, RULES, type Finding, type ProductCase, type RuleId } from '../../match';
import type { Cover } from '../cover';
import { draftProduct, type Draft } from './draft';
import type { Sorted } from './groups';

/** Why some sockets stay open whatever lamp somebody makes. */
export interface NeverClosed {
	/** What stops even a lamp made for the place, as it is said of one of them. */
	findings: readonly Finding[];
	/** True when it is only facts that nobody knows: once they are known, a lamp may serve. */
	isUnknown: boolean;
	sockets: number;
	weight: number;
	places: number[];
}

/** Says what stops a lamp in a place: what refuses it, or what nobody knows. A rule is asked once for each view it has. */
class Stopping {
	private readonly products = new Map<Draft, ProductCase>();
	private readonly said = new Map<Draft, Map<number, readonly Finding[]>>();

	constructor(private readonly cover: Cover) {}

	findings(place: number, draft: Draft): Finding[] {
		const found = (this.cover.places[place]?.views ?? []).flatMap((view) => this.inView(view, draft));
		const refused = found.filter(({ level }) => level === 'refuse');
		const bad = refused.length > 0 ? refused : found.filter(({ level }) => level === 'unknown');
		return [...new Map(bad.map((one) => [one.code, one])).values()];
	}

	private inView(number: number, draft: Draft): readonly Finding[] {
		const byView = this.said.get(draft) ?? new Map<number, readonly Finding[]>();
		this.said.set(draft, byView);
		const known = byView.get(number);
		const held = this.cover.views[number];
		if (known || !held) return known ?? [];
		const product = this.products.get(draft) ?? productCase(draftProduct(draft));
		this.products.set(draft, product);
		const said = RULES[RULE_IDS[held.rule] as RuleId].judge(placeOf(held.view, this.cover.by), product);
		const fresh = said === null ? [] : Array.isArray(said) ? said : [said];
		byView.set(number, fresh);
		return fresh;
	}
}

/** Sockets that no lamp would close, by what stops it. Where every value in force passes, sources disagree: there is no finding. */
export function neverClosed(cover: Cover, never: Sorted['never']): NeverClosed[] {
	const stopping = new Stopping(cover);
	const found = new Map<string, NeverClosed>();
	for (const { unmet, nearest } of never) {
		const findings = stopping.findings(unmet.place, nearest);
		const key = findings.map(({ code }) => code).join();
		const known: NeverClosed = found.get(key) ?? {
			findings,
			isUnknown: findings.every(({ level }) => level === 'unknown'),
			sockets: 0,
			weight: 0,
			places: []
		};
		known.sockets += unmet.sockets;
		known.weight += unmet.weight;
		known.places.push(unmet.place);
		found.set(key, known);
	}
	return [...found.values()].sort((a, b) => b.weight - a.weight || b.sockets - a.sockets);
}
