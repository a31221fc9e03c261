import { factsWithEvidence } from '../model';
import { FUNCTION_IDS, LAMP_CATEGORIES, lampFunction, type FunctionId } from '../lamps';
import { PHRASES, TURNED } from './phrases';
import { several, term, type Term } from './term';
import { bare } from './words';

/** What is typed for the choices of a socket's facts, as the registry of facts has it. */
function choiceTerms(): Term[] {
	return Object.entries(factsWithEvidence('socket')).flatMap(([path, { choices = {} }]) =>
		Object.entries(choices).flatMap(([value, { label, typed }]) =>
			// The words as a person says it, and the shorter ones they type; a plain lamp and two contacts go without saying.
			(SILENT.has(value) ? [] : [label, ...typed]).map((words) =>
				term(words, { kind: 'fact', facts: { [path]: value } }, label)
			)
		)
	);
}

/** Choices that are no words of a walk-line: every socket begins as a filament lamp, and festoons are known by their category. */
const SILENT: ReadonlySet<string> = new Set(['filament', 'festoon', 'straight', 'offset']);

function functionTerms(): Term[] {
	const named = new Map<string, FunctionId[]>();
	for (const id of FUNCTION_IDS) {
		const { label, short = label, mark, synonyms } = lampFunction(id);
		for (const name of [label, short, id.replaceAll('-', ' '), mark, ...synonyms]) {
			const key = withoutHyphens(name.toLowerCase());
			const ids = named.get(key) ?? [];
			if (!ids.includes(id)) named.set(key, [...ids, id]);
		}
	}
	return [...named].map(([name, ids]) =>
		term(name, { kind: 'function', ids }, ids.map((id) => lampFunction(id).label).join(' or '))
	);
}

/** Words that name a lamp as a lamp, and the small ones between. */
const NOISE =
	'light|lights|lamp|lamps|mirror|mirrors|free|room|bulb|bulbs|lens|lenses|led bulb|globe|globes|socket|holder|the|a|an|of|for|with|in|on|and|my|its|only|all|factory|original|xenon|hid|halogen';

/** Corners of a vehicle as workshops write them. */
const CORNERS: readonly Term[] = (['front', 'rear'] as const).flatMap((zone) => {
	const [end = ''] = zone;
	return [
		...several(`lh${end}`, { kind: 'side', sides: ['left'], zone }, `${zone} left`),
		...several(`rh${end}`, { kind: 'side', sides: ['right'], zone }, `${zone} right`),
		...several(`ns${end}|n/s/${end}`, { kind: 'role', role: 'passenger', zone }, `${zone}, passenger's side`),
		...several(`os${end}|o/s/${end}`, { kind: 'role', role: 'driver', zone }, `${zone}, driver's side`)
	];
});

const withoutHyphens = (text: string) => text.replaceAll('-', ' ');

const TERMS: readonly Term[] = [
	...TURNED,
	...PHRASES,
	...functionTerms(),
	...several('front|f|fr', { kind: 'zone', zone: 'front' }, 'front'),
	...several('rear|rr|back', { kind: 'zone', zone: 'rear' }, 'rear'),
	...several('side|sd|flank|fender|wing', { kind: 'zone', zone: 'side' }, 'side'),
	...several('roof', { kind: 'zone', zone: 'roof' }, 'roof'),
	...several('cabin', { kind: 'zone', zone: 'cabin' }, 'cabin'),
	...several('engine bay|engine', { kind: 'zone', zone: 'engine' }, 'engine bay'),
	...several('left|l|lh', { kind: 'side', sides: ['left'] }, 'left'),
	...several('right|r|rh', { kind: 'side', sides: ['right'] }, 'right'),
	...several(
		'both|both sides|each side|either side|pair|lr',
		{ kind: 'side', sides: ['left', 'right'] },
		'left and right'
	),
	...several('centre|center|middle|c', { kind: 'side', sides: ['centre'] }, 'centre'),
	...choiceTerms(),
	...several('hand|in hand|measured', { kind: 'source', source: 'in-hand' }, 'measured in hand'),
	...several('manual|handbook|book', { kind: 'source', source: 'manual' }, 'from the manual'),
	...several('maker|data sheet', { kind: 'source', source: 'maker' }, "from maker's data"),
	...several('listing|catalogue', { kind: 'source', source: 'listing' }, 'from a listing'),
	...several('customer|said', { kind: 'source', source: 'customer' }, 'said by the customer'),
	...several('assumed|guess', { kind: 'source', source: 'assumed' }, 'assumed'),
	...several('none|not fitted|absent', { kind: 'absent' }, 'not fitted'),
	...several(
		"driver's side|drivers side|driver side|driver|driver's|offside|off side|os|o/s",
		{ kind: 'role', role: 'driver' },
		"driver's side"
	),
	...several(
		"passenger's side|passengers side|passenger side|passenger|passenger's|nearside|near side|ns|n/s",
		{ kind: 'role', role: 'passenger' },
		"passenger's side"
	),
	...CORNERS,
	...['one', 'two', 'three', 'four', 'five', 'six'].map((word, i) =>
		term(word, { kind: 'count', count: i + 1 }, `${i + 1} of them`)
	),
	...[1, 2, 3, 4, 5, 6, 7, 8, 9].flatMap((count) =>
		several(`x ${count}|${count} x`, { kind: 'count', count }, `${count} of them`)
	),
	...several(NOISE, { kind: 'noise' }, '')
];

const byWords = new Map<string, Term>();
for (const item of TERMS) if (!byWords.has(item.words.join(' '))) byWords.set(item.words.join(' '), item);

/** What the trade calls a lamp by the width of its glass. */
const BY_GLASS = { T10: 'W5W', T15: 'W16W' };

const categories = new Map<string, string>();
for (const { category } of LAMP_CATEGORIES) {
	categories.set(bare(category), category);
	if (category.startsWith('festoon')) categories.set(bare(category).replace('mm', ''), category);
}
for (const { category, aka } of LAMP_CATEGORIES)
	for (const alias of aka) if (!categories.has(bare(alias))) categories.set(bare(alias), category);

const caps = new Map(LAMP_CATEGORIES.flatMap((row) => row.caps).map((cap) => [cap.toLowerCase(), cap]));

/** The cap that a word names. */
function capTerm(word: string): Term | null {
	const cap = caps.get(word);
	return cap === undefined ? null : { words: [word], meaning: { kind: 'cap', cap }, label: `cap ${cap}` };
}

for (const [name, category] of Object.entries(BY_GLASS)) categories.set(bare(name), category);

/** Most words a measure has: behind 62 mm x 70 mm. */
const LONGEST_MEASURE = 6;

/** Most words a term, a designation or a measure has. */
export const LONGEST = Math.max(...TERMS.map((item) => item.words.length), LONGEST_MEASURE);

/** The term for a run of words exactly as typed. */
export function exactTerm(words: readonly string[]): Term | null {
	const text = words.join(' ');
	return byWords.get(text) ?? byWords.get(withoutHyphens(text)) ?? byWords.get(singular(text)) ?? null;
}

/** A term with its last word as one of them. @example singular('brake lights') // "brake light" */
const singular = (text: string) => text.replace(/(?<=[a-rt-z])s$/, '');

/** A festoon by its length, mm, with or without its watts; or by its category and length. */
const FESTOON =
	/^(?:\d{1,2}w )?(?:festoon ?(\d\d) ?(?:mm)?|(\d\d) ?(?:mm)? ?festoon)(?: \d{1,2}w)?$|^(?:festoon )?(c5w|c10w) ?(\d\d) ?mm(?: festoon)?$|^(\d\d) ?mm (c5w|c10w)(?: festoon)?$/;

function festoonTerm(words: readonly string[]): Term | null {
	const [found, before, after, first, firstMm, lastMm, last] = FESTOON.exec(words.join(' ')) ?? [];
	if (!found) return null;
	const named = first ?? last;
	const length = Number(before ?? after ?? firstMm ?? lastMm);
	const category = named ? categories.get(named) : nearestFestoon(length);
	if (!category) return null;
	const exact = category === `festoon ${length} mm`;
	const facts = { category, ...(exact ? {} : { 'envelope.holderLength': length }) };
	return { words: [...words], meaning: { kind: 'fact', facts }, label: exact ? category : `${category}, ${length} mm` };
}

/** Festoons as far as this from a listed length are known by that, and by their own length, mm. */
const FESTOON_NEAR_MM = 3;

function nearestFestoon(length: number): string | undefined {
	const listed = LAMP_CATEGORIES.flatMap(({ category, length: own }) =>
		category.startsWith('festoon') && own !== undefined ? [{ category, apart: Math.abs(own - length) }] : []
	);
	const [nearest] = listed.sort((a, b) => a.apart - b.apart);
	return nearest && nearest.apart <= FESTOON_NEAR_MM ? nearest.category : undefined;
}

/** The lamp category for a run of words, typed with or without its strokes and points. Lone digits are not taken. */
export function categoryTerm(words: readonly string[]): Term | null {
	const festoon = festoonTerm(words);
	if (festoon) return festoon;
	const [word = '', ...more] = words;
	if (more.length > 0) return null;
	const name = categories.get(bare(word));
	return name ? { words: [word], meaning: { kind: 'fact', facts: { category: name } }, label: name } : capTerm(word);
}

/** The one term of a single word that an unfinished word can only mean; null when there are several, or none. */
export function unfinishedTerm(word: string): Term | null {
	if (word.length < 2 || /[\d/]/.test(word)) return null;
	const hits = [...byWords.values()].filter((item) => item.words.length === 1 && item.words[0]?.startsWith(word));
	const meanings = new Set(hits.map((item) => JSON.stringify(item.meaning)));
	return meanings.size === 1 ? (hits[0] ?? null) : null;
}

/** True for a word with one letter too many, missing, another, or changed places with its neighbour. */
function isOneSlip(typed: string, word: string): boolean {
	let same = 0;
	while (same < typed.length && typed[same] === word[same]) same += 1;
	const [rest, wanted] = [typed.slice(same), word.slice(same)];
	const swapped = `${rest[1] ?? ''}${rest[0] ?? ''}${rest.slice(2)}`;
	return (
		rest.slice(1) === wanted.slice(1) || rest.slice(1) === wanted || rest === wanted.slice(1) || swapped === wanted
	);
}

const SHORTEST_SLIPPED = 5;

/** The one term of a single word that a word with a slip can only mean; null when there are several, or none. @example slippedTerm('ligth') // light */
export function slippedTerm(typed: string): Term | null {
	if (typed.length < SHORTEST_SLIPPED || /[^a-z]/.test(typed)) return null;
	const hits = [...byWords.values()].filter(
		({ words: [word = '', ...more] }) => more.length === 0 && word.length >= SHORTEST_SLIPPED && isOneSlip(typed, word)
	);
	const meanings = new Set(hits.map((item) => JSON.stringify(item.meaning)));
	return meanings.size === 1 ? (hits[0] ?? null) : null;
}

/** Sides, or functions of one lamp, joined by strokes: `L/R`, `tail/brake`; null when a part is none, or could be several. */
export function joinedTerm(word: string): Term | null {
	const parts = word.split('/').map((part) => exactTerm([part]) ?? unfinishedTerm(part));
	if (parts.length < 2 || parts.some((part) => part === null)) return null;
	const meanings = parts.flatMap((part) => part?.meaning ?? []);
	const ids = meanings.flatMap((meaning) =>
		meaning.kind === 'function' && meaning.ids.length === 1 ? meaning.ids : []
	);
	const sides = meanings.flatMap((meaning) => (meaning.kind === 'side' ? meaning.sides : []));
	const label = parts.flatMap((part) => part?.label ?? []).join(', ');
	if (ids.length === parts.length) return { words: [word], meaning: { kind: 'function', ids }, label };
	const isOfSides = meanings.every(({ kind }) => kind === 'side');
	return isOfSides ? { words: [word], meaning: { kind: 'side', sides }, label } : null;
}

/** Terms and lamp categories that begin with what is typed, shortest first. */
export function termsStarting(text: string, most: number): { text: string; label: string }[] {
	const start = text.toLowerCase();
	const spelt = [...byWords].filter(([key]) => key.startsWith(start)).map(([key, { label }]) => ({ text: key, label }));
	const designations = LAMP_CATEGORIES.filter(({ category }) => bare(category).startsWith(bare(start))).map(
		({ category, caps }) => ({ text: category, label: `lamp category, cap ${caps.join(' or ')}` })
	);
	return [...spelt, ...(bare(start) ? designations : [])]
		.sort((a, b) => a.text.length - b.text.length || a.text.localeCompare(b.text))
		.slice(0, most);
}
