import rows from '../../../../data/facts/lamp-categories.json';

export type Confidence = 'high' | 'medium' | 'low';
export type Mount = 'flange' | 'bayonet' | 'wedge' | 'festoon';
export type Glass = 'clear' | 'amber' | 'red';

/** One lamp category of the UN or SAE system, as a fact of the standards. Lengths mm, power W, flux lm. */
export interface LampCategory {
	category: string;
	system: 'UN' | 'SAE';
	/** Other designations of the same lamp. */
	aka: string[];
	/** Trade nicknames of the size; shared by several categories. */
	nicknames?: string[];
	/** Designations that are near, or used loosely, and must not be taken for the same lamp. */
	related?: string[];
	/** Caps it is made on; more than one means the cap must be looked at. */
	caps: string[];
	mount: Mount;
	filaments?: number;
	volts?: number;
	watts?: number;
	wattsMinor?: number;
	lumens?: number;
	lumensMinor?: number;
	glass: Glass;
	length?: number;
	diameter?: number;
	lightCentre?: { mm: number; confidence: Confidence };
	functions: string[];
	notes: string;
	confidence: Confidence;
}

/** All lamp categories, in the order of the table. */
export const LAMP_CATEGORIES = rows as LampCategory[];

export type CategoryLookup =
	| { kind: 'found'; category: LampCategory }
	| { kind: 'unknown'; name: string }
	| { kind: 'ambiguous'; name: string; options: LampCategory[] };

const byName = new Map(LAMP_CATEGORIES.map((row) => [normal(row.category), row]));
const byAlias = groupAliases();

function normal(name: string): string {
	return name.trim().toUpperCase();
}

function groupAliases(): Map<string, LampCategory[]> {
	const map = new Map<string, LampCategory[]>();
	for (const row of LAMP_CATEGORIES)
		for (const alias of row.aka) map.set(normal(alias), [...(map.get(normal(alias)) ?? []), row]);
	return map;
}

/**
 * Finds a lamp category by its designation, upper or lower case; an exact designation wins over an alias.
 * An alias that several categories carry is ambiguous, never the first of them.
 * @example findCategory('7528') // found, the row of that number
 */
export function findCategory(name: string): CategoryLookup {
	const exact = byName.get(normal(name));
	if (exact) return { kind: 'found', category: exact };
	const options = byAlias.get(normal(name)) ?? [];
	const [only] = options;
	if (!only) return { kind: 'unknown', name };
	return options.length === 1 ? { kind: 'found', category: only } : { kind: 'ambiguous', name, options };
}

/** The category row, or null when the designation is unknown or ambiguous. */
export function categoryOrNull(name: string | undefined): LampCategory | null {
	const found = name === undefined ? null : findCategory(name);
	return found?.kind === 'found' ? found.category : null;
}

/** True for a discharge lamp, which runs from a ballast that starts it with some 20 kV (UN R99: D1S to D9S). */
export function isDischarge({ category }: Pick<LampCategory, 'category'>): boolean {
	return /^D\d[SR]$/.test(category);
}
