import { placeOf, productCase, RULE_IDS, RULES, type Finding } from '../../match';
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

/** What stops a lamp in a place: what refuses it, or what nobody knows. */
function stopping(cover: Cover, place: number, draft: Draft): Finding[] {
	const product = productCase(draftProduct(draft));
	const views = cover.places[place]?.views ?? [];
	const found = RULE_IDS.flatMap((id, rule) => {
		const view = cover.views[views[rule] ?? -1]?.view;
		const said = view ? RULES[id].judge(placeOf(view, cover.by), product) : null;
		return said ?? [];
	});
	const refused = found.filter(({ level }) => level === 'refuse');
	const bad = refused.length > 0 ? refused : found.filter(({ level }) => level === 'unknown');
	return [...new Map(bad.map((one) => [one.code, one])).values()];
}

/** Sockets that no lamp would close, by what stops it. Where every value in force passes, sources disagree: there is no finding. */
export function neverClosed(cover: Cover, never: Sorted['never']): NeverClosed[] {
	const found = new Map<string, NeverClosed>();
	for (const { unmet, nearest } of never) {
		const findings = stopping(cover, unmet.place, nearest);
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
