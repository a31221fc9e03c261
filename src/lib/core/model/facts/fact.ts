/** A choice a fact may have: how it is said, and what else people type for it. */
export interface FactChoice {
	label: string;
	typed: readonly string[];
}

/** How the value of a fact is written: in a cell, in a form, in evidence. */
export type FactKind = 'text' | 'choice' | 'number' | 'count' | 'list' | 'lines' | 'names' | 'pairs' | 'json';

/** One fact of a record: everything that forms, evidence, sheets, questions, drawings and rules need to know of it. */
export interface Fact {
	kind: FactKind;
	label: string;
	/** What it is called in a market that says it otherwise, by market code. */
	labels?: Readonly<Record<string, string>>;
	unit?: 'mm' | '°' | 'A' | 'ohm' | 'Hz' | 'per minute' | 'lm' | 'W' | 'V' | 's' | 'K' | 'nm' | 'C' | 'F' | 'h' | 'min';
	/** The words it may have; absent where any word or number goes. */
	choices?: Readonly<Record<string, FactChoice>>;
	/** True where a choice is shown by its label: its value is a word of the format. */
	byLabel?: true;
	/** True for a value it may have, where more is asked than its kind says. */
	accepts?: (value: unknown) => boolean;
	/** From where to where it commonly lies: a number outside is asked to be read again, and kept. */
	usual?: readonly [low: number, high: number];
	/** Two readings no further apart than this agree. */
	tolerance?: number;
	/** True when sources are kept for it, and may disagree. */
	evidence?: true;
	/** Its column in a spreadsheet: the heading, and what others call it. Absent where it has none. */
	sheet?: { heading: string; also?: readonly string[] };
	/** Group of the stock form it stands in, and what is said below the field. */
	form?: { group: string; label?: string; hint?: string };
	/** How somebody finds out, and about how long it takes, min. */
	findOut?: { how: string; minutes: number };
	/** Rules of Match whose findings change with it, by their place under `match/gates`. */
	rules?: readonly string[];
}

/** A length in mm for which sources are kept: two readings half a millimetre apart agree. */
export const length = (own: Pick<Fact, 'label' | 'usual' | 'sheet' | 'form' | 'findOut' | 'rules'>): Fact => ({
	kind: 'number',
	unit: 'mm',
	tolerance: 0.5,
	evidence: true,
	...own
});

/** The things of a record that have facts. */
export type SubjectKind = 'vehicle' | 'socket' | 'channel' | 'flasher' | 'operation' | 'product' | 'accessory';

/** Facts of one kind of thing, by their dotted path in the record. */
export type FactTable = Readonly<Record<string, Fact>>;

/**
 * Choices with the words for them: the first one is how it is said, all of them may be typed.
 * @example choices<Side>({ left: 'left|l', right: 'right|r', centre: 'centre|middle' })
 */
export function choices<T extends string>(words: Readonly<Record<T, string>>): Readonly<Record<T, FactChoice>> {
	const entries = Object.entries<string>(words).map(([value, text]) => {
		const [label = value, ...typed] = text.split('|');
		return [value, { label, typed }];
	});
	return Object.fromEntries(entries);
}

/** Choices that are said as they are kept, hyphens apart. */
export function plainChoices<T extends string>(values: readonly T[]): Readonly<Record<T, FactChoice>> {
	const entries = values.map((value) => [value, { label: value.replaceAll('-', ' '), typed: [] }]);
	return Object.fromEntries(entries);
}

const inWords = (choice: string) => choice.replaceAll('-', ' ');

/** A choice as it is shown: by its value, or by its label where the value is no word of the trade; a word that is none stays as it is. */
function shownAs({ choices: all, byLabel }: Fact, value: string): string {
	if (!all || !Object.hasOwn(all, value)) return value;
	return byLabel ? (all[value]?.label ?? inWords(value)) : inWords(value);
}

/** The values a fact may have; undefined where any word or number goes. */
export function choiceValues({ choices: all }: Fact): string[] | undefined {
	return all && Object.keys(all);
}

/** What may be said of a fact, in words; undefined where any word or number goes. */
export function choiceWords(fact: Fact): string[] | undefined {
	return choiceValues(fact)?.map((value) => shownAs(fact, value));
}

/**
 * The choice of a fact that somebody typed: as it is kept, as it is said, or any other word for it.
 * @example choiceTyped(FACTS.socket.retention, 'Spring clip') // "spring-clip"
 */
export function choiceTyped({ choices: all = {} }: Fact, text: string): string | undefined {
	const typed = text.toLowerCase();
	return Object.keys(all).find((value) =>
		[value, inWords(value), all[value]?.label, ...(all[value]?.typed ?? [])].includes(typed)
	);
}

/** True when a fact may have this value: one of its choices, or a number where it is one. A word that is none of these only vouches for the record. */
export function isValueOf({ kind, choices: all, accepts }: Fact, value: unknown): boolean {
	if (accepts) return accepts(value);
	if (kind === 'number' || kind === 'count') return typeof value === 'number' && Number.isFinite(value);
	if (all) return typeof value === 'string' && Object.hasOwn(all, value);
	return kind === 'list' || kind === 'lines' || kind === 'names'
		? Array.isArray(value)
		: typeof value === 'string' || typeof value === 'boolean';
}

/** True when the values of a fact are numbers. */
export function isNumeric({ kind }: Fact): boolean {
	return kind === 'number' || kind === 'count';
}

/** What a fact is called in a market. */
export function factLabel({ label, labels }: Fact, market?: string): string {
	return (market !== undefined && labels && Object.hasOwn(labels, market) && labels[market]) || label;
}

/** One item of a list, in words: of a thing with fields, what they say. */
const itemText = (item: unknown): string =>
	typeof item === 'object' && item !== null ? Object.values(item).join(' ') : String(item);

/**
 * A fact's value in words.
 * @example factText(FACTS.socket.keyAngle, 30) // "30°"
 * @example factText(FACTS.socket.retention, 'spring-clip') // "spring clip"
 */
export function factText(fact: Fact, value: unknown): string {
	const { unit } = fact;
	if (value === undefined || value === null) return 'not known';
	if (typeof value === 'string') return shownAs(fact, value);
	if (Array.isArray(value)) return value.map(itemText).join(', ') || 'none';
	const text = typeof value === 'object' ? JSON.stringify(value) : String(value);
	if (!unit) return text;
	return unit === '°' ? `${text}°` : `${text} ${unit}`;
}
