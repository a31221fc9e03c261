import { interchange, LAMP_CATEGORIES, oneBase, type Interchange, type LampCategory } from '../../lamps';

/** How a lamp made for one category stands to a socket of another. Best first. */
export type Relation =
	| { kind: 'same' }
	| { kind: 'festoon' }
	/** Cap, key and contacts agree for an LED; `look`: the key has to be looked at. */
	| { kind: 'one-base'; look: boolean }
	| { kind: 'entry'; entry: Interchange }
	| { kind: 'not-listed'; cap: string }
	| { kind: 'unrelated' };

const ENTRY_RANK: Record<Interchange['kind'], number> = {
	same: 0,
	'other-electrics': 1,
	trim: 4,
	wrong: 5,
	'no-fit': 6
};

/** Rank of a relation; the lowest of a product's categories is the one that counts. */
function rank(relation: Relation): number {
	if (relation.kind === 'same' || relation.kind === 'festoon') return 0;
	if (relation.kind === 'one-base') return relation.look ? 2 : 1;
	if (relation.kind === 'entry') return relation.entry.because === 'glass' ? 2 : ENTRY_RANK[relation.entry.kind];
	return relation.kind === 'not-listed' ? 3 : 7;
}

function between(from: LampCategory, to: LampCategory, lamp: 'led' | 'filament'): Relation {
	if (from.category === to.category) return from.mount === 'festoon' ? { kind: 'festoon' } : { kind: 'same' };
	if (from.mount === 'festoon' && to.mount === 'festoon') return { kind: 'festoon' };
	const entry = interchange(from.category, to.category, lamp);
	const base = lamp === 'led' ? oneBase(from, to) : 'no';
	// What the table says outright is said by the table; the rest follows from cap, key and contacts.
	if (
		base === 'look' ||
		(base === 'yes' &&
			!(entry && ENTRY_RANK[entry.kind] <= 1 && entry.confidence !== 'low') &&
			entry?.because !== 'glass')
	)
		return { kind: 'one-base', look: base === 'look' };
	if (entry) return { kind: 'entry', entry };
	const cap = from.caps.find((name) => to.caps.includes(name));
	return cap ? { kind: 'not-listed', cap } : { kind: 'unrelated' };
}

/** Relations by category, worked out once; the table of lamps does not change while a program runs. */
const cache = {
	led: new Map<LampCategory, Map<LampCategory, Relation>>(),
	filament: new Map<LampCategory, Map<LampCategory, Relation>>()
};

function relationOf(from: LampCategory, to: LampCategory, lamp: 'led' | 'filament'): Relation {
	let row = cache[lamp].get(from);
	if (!row) cache[lamp].set(from, (row = new Map()));
	let found = row.get(to);
	if (!found) row.set(to, (found = between(from, to, lamp)));
	return found;
}

/** The best relation any of a product's categories has to a socket's, and which category that is. */
export function bestRelation(
	fits: readonly LampCategory[],
	to: LampCategory,
	lamp: 'led' | 'filament'
): { from: LampCategory; relation: Relation } | null {
	let best: { from: LampCategory; relation: Relation } | null = null;
	for (const from of fits) {
		const relation = relationOf(from, to, lamp);
		if (!best || rank(relation) < rank(best.relation)) best = { from, relation };
	}
	return best;
}

const relatedTo = new Map<string, string[]>();

/** Categories whose lamps are worth a look for a socket: all that share its cap, or are named with it in the interchange table. */
export function relatedCategories(to: LampCategory): string[] {
	const found = relatedTo.get(to.category);
	if (found) return found;
	const related = LAMP_CATEGORIES.filter((from) =>
		(['led', 'filament'] as const).some((lamp) => relationOf(from, to, lamp).kind !== 'unrelated')
	).map((row) => row.category);
	relatedTo.set(to.category, related);
	return related;
}
