import { FUNCTION_IDS, lampFunction, type FunctionId } from '../lamps';

/** What a line typed at the counter was understood to ask. */
export interface CounterQuery {
	/** Words that name the vehicle. */
	vehicle: string[];
	/** Functions meant; empty means all of them. */
	functions: FunctionId[];
	side: 'left' | 'right' | null;
	zone: 'front' | 'rear' | null;
	/** True when a whole kit is asked for. */
	kit: boolean;
}

/** Words that ask for a kit. */
const KIT_WORDS: ReadonlySet<string> = new Set(['kit', 'kits', 'set', 'everything']);

const NAMES = FUNCTION_IDS.flatMap((id) => {
	const { label, synonyms } = lampFunction(id);
	return [label, id.replaceAll('-', ' '), ...synonyms].map((name) => ({ id, words: wordsOf(name) }));
});
const LONGEST = Math.max(...NAMES.map((name) => name.words.length));

function wordsOf(text: string): string[] {
	return text
		.toLowerCase()
		.split(/[\s,/+-]+/)
		.filter(Boolean);
}

function functionsNamed(words: readonly string[], partial: boolean): FunctionId[] {
	const hit = (name: (typeof NAMES)[number]) =>
		name.words.length === words.length &&
		words.every((word, i) => {
			const full = name.words[i] ?? '';
			return partial && i === words.length - 1 && word.length >= 3 ? full.startsWith(word) : full === word;
		});
	return [...new Set(NAMES.filter(hit).map((name) => name.id))];
}

/**
 * Reads a line such as `skerry 2016 rear indicator left`. The longest run of words that names a function is taken as one,
 * the last word may be unfinished; `isVehicleWord` says which words a vehicle answers to, and those are left to the vehicle.
 */
export function readCounterQuery(text: string, isVehicleWord: (word: string) => boolean): CounterQuery {
	const words = wordsOf(text);
	const query: CounterQuery = { vehicle: [], functions: [], side: null, zone: null, kit: false };
	for (let i = 0; i < words.length;) {
		const taken =
			takeFunction({ words, from: i }, query, isVehicleWord) || takeOther(words[i] ?? '', query, isVehicleWord);
		i += taken;
	}
	return query;
}

function takeFunction(
	{ words, from }: { words: readonly string[]; from: number },
	query: CounterQuery,
	isVehicleWord: (word: string) => boolean
): number {
	for (let length = Math.min(LONGEST, words.length - from); length > 0; length--) {
		const run = words.slice(from, from + length);
		const named = functionsNamed(run, from + length === words.length);
		if (named.length === 0 || (length === 1 && isVehicleWord(run[0] ?? ''))) continue;
		query.functions.push(...named.filter((id) => !query.functions.includes(id)));
		return length;
	}
	return 0;
}

function takeOther(word: string, query: CounterQuery, isVehicleWord: (word: string) => boolean): number {
	if (isVehicleWord(word)) query.vehicle.push(word);
	else if (KIT_WORDS.has(word)) query.kit = true;
	else if (word === 'left' || word === 'right') query.side = word;
	else if (word === 'front' || word === 'rear') query.zone = word;
	else query.vehicle.push(word);
	return 1;
}
