import type { Configuration, Zone } from '../model';
import type { FunctionId, RuleFamily } from '../lamps';
import { sideOfRole, takeAt } from './reading';
import type { Meaning } from './term';
import { slippedTerm } from './vocabulary';
import { wordsOf } from './words';

/** What a line typed at the counter was understood to ask. */
export interface CounterQuery {
	/** Words that name the vehicle. */
	vehicle: string[];
	/** Functions meant; empty means all of them. */
	functions: FunctionId[];
	side: 'left' | 'right' | null;
	/** The driver's or the passenger's side, which each vehicle has on its own side. */
	role: 'driver' | 'passenger' | null;
	zone: Zone | null;
	/** Lamp category that is named. */
	category: string | null;
	/** The family of rules of the market a vehicle was made for, where that was said. */
	family: RuleFamily | null;
	/** True when a whole kit is asked for. */
	kit: boolean;
	/** Words with a slip, and what they were read as. */
	slips: { typed: string; as: string }[];
	/** What was wished of the lamp, or said of the place, and no answer goes by. */
	passed: string[];
}

/** Words that ask for a kit. */
const KIT_WORDS: ReadonlySet<string> = new Set(['kit', 'kits', 'set', 'everything']);

/** True for a word that may ask for a kit. */
export const isKitWord = (word: string): boolean => KIT_WORDS.has(word);

/** Words of a question that say nothing of the vehicle or the lamp. */
const ASKING: ReadonlySet<string> = new Set(
	[
		'a an in of on my your what which does do did can could would is are it i we you have got need needs want wants',
		'fit fits go goes into to please thanks hello led leds replacement replacements replace change',
		'full whole complete out gone dead blown broken burnt'
	].flatMap((words) => words.split(' '))
);

/** Wishes that the best lamp of a place is not chosen by. */
const WISH = /^(?:white|yellow|warm|cool|cold|blue|bright(?:er|est)?|cheap(?:er|est)?|\d{4}k)$/;

/** True for a word that says nothing unless a vehicle has it in its name. */
export const isAskingWord = (word: string): boolean => ASKING.has(word);

/** Words for the market a vehicle was made for. */
const FAMILIES: ReadonlyMap<string, RuleFamily> = new Map([
	...['us', 'usa', 'american'].map((word) => [word, 'US'] as const),
	...['eu', 'european', 'ece'].map((word) => [word, 'UN'] as const)
]);

/** A year in two digits, as in `06` or `'06`: of this century up to 40. @example fullYear("'06") // "2006" */
export function fullYear(word: string): string | null {
	const found = /^['’]?(\d\d)$/.exec(word);
	if (!found) return null;
	const year = Number(found[1]);
	return String(year <= 40 ? 2000 + year : 1900 + year);
}

/** Short marks of functions and single letters say too little beside the name of a vehicle. */
const TOO_SHORT = /^(?!hi$|lo$)[a-z]{1,2}$/;

function take(meaning: Meaning, query: CounterQuery): void {
	switch (meaning.kind) {
		case 'function':
			query.functions.push(...meaning.ids.filter((id) => !query.functions.includes(id)));
			return;
		case 'zone':
			query.zone = meaning.zone;
			return;
		case 'side': {
			query.zone = meaning.zone ?? query.zone;
			const [only, ...more] = meaning.sides;
			if (more.length === 0 && (only === 'left' || only === 'right')) query.side = only;
			return;
		}
		case 'role':
			query.zone = meaning.zone ?? query.zone;
			query.role = meaning.role;
			return;
		case 'fact':
			if (typeof meaning.facts.category === 'string') query.category = meaning.facts.category;
			return;
		case 'index':
		case 'source':
		case 'absent':
		case 'count':
		case 'cap':
		case 'watts':
		case 'noise':
			return;
		default:
			meaning satisfies never;
	}
}

/** A zone that came in with a word for a lamp at the side, as mirror indicators do. */
const SIDE_WORDS = /repeater|mirror|fender|wing|side (?:turn|indicator)/;

/**
 * Reads a line such as `skerry 2016 rear indicator left`, with the words a walk-line takes. The longest run of words that means something is
 * taken as one, the last word may be unfinished, a long one may have a slip; words that merely ask are passed over. `isVehicleWord` says which
 * words a vehicle answers to, and those are left to the vehicle.
 */
export function readCounterQuery(text: string, isVehicleWord: (word: string) => boolean): CounterQuery {
	const words = wordsOf(text);
	const query: CounterQuery = {
		vehicle: [],
		functions: [],
		side: null,
		role: null,
		zone: null,
		category: null,
		family: null,
		kit: false,
		slips: [],
		passed: []
	};
	// Who begins with hi greets, unless it is the high beam.
	const begin = words[0]?.text === 'hi' && takeAt(words, 0)?.length === 1 ? 1 : 0;
	for (let at = begin; at < words.length;) {
		const word = words[at]?.text ?? '';
		const found = TOO_SHORT.test(word) ? null : takeAt(words, at);
		const length = found?.length ?? 1;
		const family = FAMILIES.get(word);
		const slipped = found || isVehicleWord(word) ? null : slippedTerm(word);
		if (length === 1 && isVehicleWord(word)) query.vehicle.push(word);
		else if (KIT_WORDS.has(word)) query.kit = true;
		else if (family) query.family = family;
		else if (slipped) {
			take(slipped.meaning, query);
			query.slips.push({ typed: word, as: slipped.words.join(' ') });
		} else if (found && !(found.meaning.kind === 'index')) {
			take(found.meaning, query);
			const run = words
				.slice(at, at + length)
				.map((w) => w.text)
				.join(' ');
			if (found.meaning.kind === 'function' && found.meaning.ids[0] === 'turn' && SIDE_WORDS.test(run))
				query.zone = 'side';
			if (found.meaning.kind === 'fact' && found.meaning.facts.category === undefined) query.passed.push(run);
		} else if (WISH.test(word)) query.passed.push(word);
		else if (!ASKING.has(word)) query.vehicle.push(...vehicleWords(word));
		at += length;
	}
	if (query.zone === 'rear') query.functions = query.functions.map((id) => (id === 'fog' ? 'rear-fog' : id));
	return query;
}

/** The words of a name that was typed in one piece with hyphens or strokes; a year in full. */
function vehicleWords(word: string): string[] {
	const year = fullYear(word);
	return year ? [year] : word.split(/[/+-]+/).filter(Boolean);
}

/** The side a query means on a vehicle; null for both. */
export function sideAsked(
	{ side, role }: CounterQuery,
	{ steering }: Pick<Configuration, 'steering'>
): 'left' | 'right' | null {
	return side ?? (role && sideOfRole(role, steering));
}
