import rows from '../../../../data/facts/interchange.json';
import { categoryOrNull, LAMP_CATEGORIES, type Confidence, type LampCategory } from './category';

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

/** True when two categories are one lamp under two numbers, whichever way round the table names them. */
function isSameLamp(a: LampCategory, b: LampCategory): boolean {
	if (a.aka.includes(b.category) || b.aka.includes(a.category)) return a.filaments === b.filaments;
	const named = (from: string, to: string) =>
		byPair.get(key(from, to))?.some((e) => e.kind === 'same' && e.lamp !== 'led');
	return named(a.category, b.category) === true || named(b.category, a.category) === true;
}

/** Distance from the reference plane to the centre of light: of the category, or of the same lamp under another number. */
export function lightCentreOf(category: LampCategory): LampCategory['lightCentre'] {
	if (category.lightCentre) return category.lightCentre;
	const twin = LAMP_CATEGORIES.find((other) => other.lightCentre && isSameLamp(category, other));
	return twin?.lightCentre;
}

/** Glass of nearly one size: within a tenth, where both are known, mm. */
function alike(a: number | undefined, b: number | undefined): boolean {
	return a !== undefined && b !== undefined && Math.abs(a - b) <= 0.1 * Math.max(a, b);
}

/** How one cap stands to another: certainly the same, perhaps, since one of them is made on several, or not. */
function capsAgree(a: LampCategory, b: LampCategory): 'yes' | 'perhaps' | 'no' {
	const shared = a.caps.filter((cap) => b.caps.includes(cap));
	if (shared.length === 0) return 'no';
	return a.caps.length === 1 && b.caps.length === 1 ? 'yes' : 'perhaps';
}

const EXCHANGEABLE: ReadonlySet<Interchange['kind']> = new Set(['same', 'other-electrics']);

/** True when an entry, either way, says that the two differ in electrics or colour of glass only, or are one lamp. */
function tableSaysOneBase(a: string, b: string): boolean {
	const entries = [...(byPair.get(key(a, b)) ?? []), ...(byPair.get(key(b, a)) ?? [])];
	return entries.some((e) => e.lamp !== 'filament' && (EXCHANGEABLE.has(e.kind) || e.because === 'glass'));
}

const tableForbids = (a: string, b: string): boolean =>
	[...(byPair.get(key(a, b)) ?? []), ...(byPair.get(key(b, a)) ?? [])].some(
		(e) => e.lamp !== 'filament' && e.because !== 'glass' && ['trim', 'wrong', 'no-fit'].includes(e.kind)
	);

/** Categories of one base as far as the table goes, step by step. */
const families = new Map<string, number>();
LAMP_CATEGORIES.forEach(({ category }, i) => {
	if (families.has(category)) return;
	const members = [category];
	for (const at of members)
		for (const other of LAMP_CATEGORIES) {
			const here = LAMP_CATEGORIES.find((row) => row.category === at);
			if (!here || members.includes(other.category) || here.filaments !== other.filaments) continue;
			if (capsAgree(here, other) === 'no' || !(tableSaysOneBase(at, other.category) || isSameLamp(here, other)))
				continue;
			members.push(other.category);
		}
	for (const member of members) families.set(member, i);
});

/**
 * Whether an LED made for one category stands in the socket of another just the same: cap, key and number of contacts agree, and what differs
 * is watts, or the colour of a glass that an LED does not have. `look`: the cap is made in two keys, so that the key has to be looked at.
 * `no`: nothing says so.
 */
export function oneBase(from: LampCategory, to: LampCategory): 'yes' | 'look' | 'no' {
	if (from.filaments !== to.filaments) return 'no';
	const caps = capsAgree(from, to);
	const family = families.get(from.category) === families.get(to.category);
	// Wedges and bayonets of one cap and one glass size are one base, though no table pairs them.
	const size = from.mount !== 'flange' && alike(from.length, to.length) && alike(from.diameter, to.diameter);
	if (caps === 'no' || (!family && (!size || tableForbids(from.category, to.category)))) return 'no';
	return caps === 'yes' ? 'yes' : 'look';
}

function worse(a: Confidence, b: Confidence): Confidence {
	const order: Confidence[] = ['high', 'medium', 'low'];
	return order[Math.max(order.indexOf(a), order.indexOf(b))] ?? 'low';
}
