import rows from '../../../../data/facts/interchange.json';
import { categoryOrNull, type Confidence, type LampCategory } from './category';

/**
 * What an interchange entry says of a lamp of one category in a socket of another. Directional.
 * - `same`: the same lamp under another number
 * - `other-electrics`: the same cap with another power
 * - `trim`: enters only after a key is trimmed
 * - `wrong`: enters and is wrong
 * - `no-fit`: does not enter
 */
export type InterchangeKind = 'same' | 'other-electrics' | 'trim' | 'wrong' | 'no-fit';

export interface Interchange {
	from: string;
	to: string;
	kind: InterchangeKind;
	/** Which lamps the entry is about. */
	lamp: 'any' | 'led' | 'filament';
	fromCategories: string[];
	toCategories: string[];
	/** Set when the only difference is the colour of the glass, which an LED does not have. */
	because?: 'glass';
	note: string;
	confidence: Confidence;
}

/** The whole interchange table. */
export const INTERCHANGES = rows as Interchange[];

const byPair = new Map<string, Interchange[]>();
for (const row of INTERCHANGES)
	for (const from of row.fromCategories)
		for (const to of row.toCategories) byPair.set(key(from, to), [...(byPair.get(key(from, to)) ?? []), row]);

function key(from: string, to: string): string {
	return `${from}>${to}`;
}

function sameByAlias(from: LampCategory, to: LampCategory): boolean {
	const named = from.aka.includes(to.category) || to.aka.includes(from.category);
	return named && from.caps.join() === to.caps.join() && from.filaments === to.filaments;
}

/**
 * The entry that governs a lamp of category `from` in a socket of category `to`, or null when the table is silent.
 * An entry about LED lamps wins over a general one; entries about filament lamps never speak for an LED.
 * The two designations of one lamp (an `aka` on the same cap) count as `same` in both directions.
 */
export function interchange(from: string, to: string, lamp: 'led' | 'filament'): Interchange | null {
	const entries = byPair.get(key(from, to)) ?? [];
	const entry = entries.find((e) => e.lamp === lamp) ?? entries.find((e) => e.lamp === 'any');
	if (entry) return entry;
	const a = categoryOrNull(from);
	const b = categoryOrNull(to);
	if (!a || !b || !sameByAlias(a, b)) return null;
	return {
		from,
		to,
		kind: 'same',
		lamp: 'any',
		fromCategories: [from],
		toCategories: [to],
		note: `${from} and ${to} are two designations of one lamp.`,
		confidence: worse(a.confidence, b.confidence)
	};
}

function worse(a: Confidence, b: Confidence): Confidence {
	const order: Confidence[] = ['high', 'medium', 'low'];
	return order[Math.max(order.indexOf(a), order.indexOf(b))] ?? 'low';
}
