import { distance } from 'fastest-levenshtein';
import type { Knex } from 'knex';
import type { Configuration } from '../../core/model';
import { vehicleWords } from '../../core/identify';
import { bestIdsWith, everyWord, plainWords } from '../db/text-search';
import { readMark } from './settings';

/** The words a configuration is found by. */
export function searchWords(c: Configuration): string {
	return vehicleWords(c).join(' ');
}

/** A word some configuration is found by, with its letters as bits, so that words of other letters are passed over quickly. */
interface Known {
	word: string;
	letters: number;
}

/** Every word some configuration is found by, in the order of their letters, and those that may be meant by a slip: all but numbers. */
interface Vocabulary {
	sorted: readonly string[];
	meant: readonly Known[];
}

const A = 'a'.charCodeAt(0);
const lettersOf = (word: string) =>
	[...word].reduce((bits, letter) => bits | (1 << ((letter.charCodeAt(0) - A) % 32)), 0);

function bitsIn(bits: number): number {
	let count = 0;
	for (let rest = bits; rest !== 0; rest &= rest - 1) count += 1;
	return count;
}

const vocabularies = new WeakMap<Knex, Vocabulary & { version: number }>();

/** The words of all vehicles; read again when they changed, also by another process. */
async function vocabulary(db: Knex): Promise<Vocabulary> {
	const version = await readMark(db, 'vehicles');
	const known = vocabularies.get(db);
	if (known?.version === version) return known;
	const sorted = (await everyWord(db)).sort();
	const meant = sorted.filter((word) => !/\d/.test(word)).map((word) => ({ word, letters: lettersOf(word) }));
	const read = { version, sorted, meant };
	vocabularies.set(db, read);
	return read;
}

/** True when some word begins with what is typed. */
function beginsAWord({ sorted }: Vocabulary, typed: string): boolean {
	let [from, to] = [0, sorted.length];
	while (from < to) {
		const middle = (from + to) >> 1;
		if ((sorted[middle] ?? '') < typed) from = middle + 1;
		else to = middle;
	}
	return sorted[from]?.startsWith(typed) ?? false;
}

/** How many slips a word of a length may carry: none in short ones and in numbers. */
function slipsAllowed(word: string): number {
	if (/\d/.test(word) || word.length < 4) return 0;
	return word.length < 6 ? 1 : 2;
}

/** How far a typed word is from a word of the vocabulary, which may go on behind it. */
function slips(typed: string, word: string): number {
	const whole = distance(typed, word);
	return word.length > typed.length ? Math.min(whole, distance(typed, word.slice(0, typed.length))) : whole;
}

/** What a typed word may mean: itself when some configuration answers to it, else the nearest words within the slips allowed. */
function meant(words: Vocabulary, typed: string): string[] {
	if (beginsAWord(words, typed)) return [typed];
	const allowed = slipsAllowed(typed);
	if (allowed === 0) return [];
	const letters = lettersOf(typed);
	const near = words.meant
		.filter((known) => known.word.length >= typed.length - allowed && bitsIn(letters & ~known.letters) <= allowed)
		.map(({ word }) => ({ word, slips: slips(typed, word) }))
		.filter((hit) => hit.slips <= allowed);
	const best = Math.min(...near.map((hit) => hit.slips));
	return near.filter((hit) => hit.slips === best).map((hit) => hit.word);
}

/** What was found, and how words that nobody answers to were read instead. */
export interface Found {
	ids: string[];
	read: { typed: string; as: string[] }[];
}

/** Configurations that answer to every word typed, typing errors forgiven, best first. Nothing when a word cannot be read. */
export async function searchIds(db: Knex, typed: readonly string[], limit: number): Promise<Found> {
	const plain = plainWords(typed);
	if (plain.length === 0 || plain.length < typed.length) return { ids: [], read: [] };
	const words = await vocabulary(db);
	const meanings = plain.map((word) => ({ typed: word, as: meant(words, word) }));
	if (meanings.some(({ as }) => as.length === 0)) return { ids: [], read: [] };
	return {
		ids: await bestIdsWith(db, 'configuration_search', { typed: meanings.map(({ as }) => as), most: limit }),
		read: meanings.filter(({ typed: word, as }) => !as.some((other) => other.startsWith(word)))
	};
}

/** Those of some words that configurations answer to, finished or not, without a slip. */
export async function vehicleWordsAmong(db: Knex, typed: readonly string[]): Promise<Set<string>> {
	const words = await vocabulary(db);
	return new Set(
		typed.filter((word) => {
			const plain = plainWords([word]);
			return plain.length > 0 && plain.every((part) => beginsAWord(words, part));
		})
	);
}
