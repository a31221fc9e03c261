import { factsWithEvidence, type Evidence, type Side, type Zone } from '../model';
import { FUNCTION_IDS, LAMP_CATEGORIES, lampFunction, type FunctionId } from '../lamps';
import { bare, wordsOf } from './words';

/** What a word or a run of words means. */
export type Meaning =
	| { kind: 'function'; ids: FunctionId[] }
	| { kind: 'zone'; zone: Zone }
	| { kind: 'side'; sides: Side[] }
	| { kind: 'index'; index: number }
	| { kind: 'fact'; facts: Record<string, unknown> }
	| { kind: 'source'; source: Evidence['source'] }
	| { kind: 'absent' }
	/** How many lamps there are. */
	| { kind: 'count'; count: number }
	/** The side of the driver or of the passenger, which the steering decides. */
	| { kind: 'role'; role: 'driver' | 'passenger' }
	/** A word that says nothing: light, lamp, bulb. */
	| { kind: 'noise' };

/** A run of words with its meaning, and how the meaning is said back. */
export interface Term {
	words: string[];
	meaning: Meaning;
	label: string;
}

const term = (text: string, meaning: Meaning, label: string): Term => ({
	words: wordsOf(text).map((word) => word.text),
	meaning,
	label
});
const several = (texts: string, meaning: Meaning, label: string): Term[] =>
	texts.split('|').map((text) => term(text, meaning, label));

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
	'light|lights|lamp|lamps|bulb|bulbs|lens|lenses|led bulb|globe|globes|socket|holder|the|a|an|of|for|with|in|on|and|my|its';

const withoutHyphens = (text: string) => text.replaceAll('-', ' ');

/** Terms that say more than one thing at once, or mean another thing than the words alone. */
const PHRASES: Term[] = [
	...several(
		'repeater|side repeater|side turn|side turn signal|side indicator|mirror indicator|mirror turn|mirror turn signal|mirror signal|mirror repeater|fender indicator|fender turn|fender turn signal|wing indicator|wing repeater',
		{ kind: 'function', ids: ['turn'] },
		'Turn'
	),
	...several(
		'hi/lo|lo/hi|high/low|low/high|hi lo|lo hi|high low|low high',
		{ kind: 'function', ids: ['low-beam', 'high-beam'] },
		'Low beam, high beam'
	),
	...several('corner', { kind: 'function', ids: ['side-marker'] }, 'Side marker'),
	...several('stop tail|stop/tail|brake tail|st/ta', { kind: 'function', ids: ['stop', 'tail'] }, 'Stop, tail'),
	...several('turn position|tu/po', { kind: 'function', ids: ['turn', 'front-position'] }, 'Turn, front position')
];

/** Colours as they are said after the thing: lens red, bulb amber. */
const TURNED: Term[] = [
	...(['clear', 'amber', 'red', 'smoked', 'blue'] as const).map((value) =>
		term(`lens ${value}`, { kind: 'fact', facts: { lens: value } }, `${value} lens`)
	),
	...(['clear', 'amber', 'red', 'blue'] as const).map((value) =>
		term(`bulb ${value}`, { kind: 'fact', facts: { bulbColour: value } }, `${value} bulb`)
	)
];

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
	...several('both|pair|lr', { kind: 'side', sides: ['left', 'right'] }, 'left and right'),
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
		"driver's side|drivers side|driver side|driver|driver's|offside|off side",
		{ kind: 'role', role: 'driver' },
		"driver's side"
	),
	...several(
		"passenger's side|passengers side|passenger side|passenger|passenger's|nearside|near side",
		{ kind: 'role', role: 'passenger' },
		"passenger's side"
	),
	...['one', 'two', 'three', 'four', 'five', 'six'].map((word, i) =>
		term(word, { kind: 'count', count: i + 1 }, `${i + 1} of them`)
	),
	...several(NOISE, { kind: 'noise' }, '')
];

const byWords = new Map<string, Term>();
for (const item of TERMS) if (!byWords.has(item.words.join(' '))) byWords.set(item.words.join(' '), item);

const categories = new Map<string, string>();
for (const { category } of LAMP_CATEGORIES) {
	categories.set(bare(category), category);
	if (category.startsWith('festoon')) categories.set(bare(category).replace('mm', ''), category);
}
for (const { category, aka } of LAMP_CATEGORIES)
	for (const alias of aka) if (!categories.has(bare(alias))) categories.set(bare(alias), category);

/** Most words a term or a designation has. */
export const LONGEST = Math.max(...TERMS.map((item) => item.words.length), 3);

/** The term for a run of words exactly as typed. */
export function exactTerm(words: readonly string[]): Term | null {
	const text = words.join(' ');
	return byWords.get(text) ?? byWords.get(withoutHyphens(text)) ?? byWords.get(singular(text)) ?? null;
}

/** A term with its last word as one of them. @example singular('brake lights') // "brake light" */
const singular = (text: string) => text.replace(/(?<=[a-rt-z])s$/, '');

/** The lamp category for a run of words, typed with or without its strokes and points. Lone digits are not taken. */
export function categoryTerm(words: readonly string[]): Term | null {
	const text = words.join(' ');
	const festoon = /^(?:festoon\s*(\d\d)\s*(?:mm)?|(\d\d)\s*(?:mm)?\s*festoon)$/.exec(text);
	const length = festoon?.[1] ?? festoon?.[2];
	const name = categories.get(length ? `festoon${length}` : bare(words.join('')));
	if (!name || (words.length > 1 && !festoon)) return null;
	return { words: [...words], meaning: { kind: 'fact', facts: { category: name } }, label: name };
}

/** The one term of a single word that an unfinished word can only mean; null when there are several, or none. */
export function unfinishedTerm(word: string): Term | null {
	if (word.length < 2 || /\d/.test(word)) return null;
	const hits = [...byWords.values()].filter((item) => item.words.length === 1 && item.words[0]?.startsWith(word));
	const meanings = new Set(hits.map((item) => JSON.stringify(item.meaning)));
	return meanings.size === 1 ? (hits[0] ?? null) : null;
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
