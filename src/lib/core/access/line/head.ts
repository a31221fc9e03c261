import type { Operation } from '../../model';
import type { Piece } from './clauses';
import { ACTIONS, PART_WORDS, PARTS, type Action } from './vocabulary';

/** What the head of a line says. */
export interface Head {
	side: NonNullable<Operation['side']>;
	part: string;
	action: Action;
	/** True when nobody has called a part so before. */
	isNewPart: boolean;
	/** True when the line says no action, and taking off is taken for it. */
	isActionAssumed: boolean;
}

const SIDES: Readonly<Record<string, NonNullable<Operation['side']>>> = {
	left: 'left',
	l: 'left',
	lh: 'left',
	right: 'right',
	r: 'right',
	rh: 'right',
	both: 'both'
};
const SMALL_WORDS = new Set(['the', 'a', 'an', 'of', 'it', 'and']);

/** Takes the longest run of words that a table knows out of some words; null when it knows none. */
function takeRun<T>(words: string[], known: (run: string) => T | undefined): T | null {
	for (let length = words.length; length > 0; length--)
		for (let at = 0; at + length <= words.length; at++) {
			const found = known(words.slice(at, at + length).join(' '));
			if (found === undefined) continue;
			words.splice(at, length);
			return found;
		}
	return null;
}

const ownEntry =
	<T>(table: Readonly<Record<string, T>>) =>
	(key: string): T | undefined =>
		Object.hasOwn(table, key) ? table[key] : undefined;

const knownPart = (run: string) =>
	ownEntry(PART_WORDS)(run) ?? PARTS.find((part) => part === run || `${part}s` === run);

/** Reads side, part and action in any order; null where no part is named. @example readHead({ text: 'left headlamp off', from: 0, to: 17 }) */
export function readHead({ text }: Piece): Head | null {
	const words = text
		.toLowerCase()
		.split(/[\s,]+/)
		.filter((word) => word && !SMALL_WORDS.has(word));
	const side = takeRun(words, ownEntry(SIDES)) ?? 'both';
	// A part may hold a word that is an action too: the longest run that is a part goes first.
	const known = takeRun(words, knownPart);
	const action = takeRun(words, ownEntry(ACTIONS));
	const part = [...(known ? [known] : []), ...words].join(' ');
	if (part === '') return null;
	return {
		side,
		part,
		action: action ?? (ACTIONS.off as Action),
		isNewPart: known === null || words.length > 0,
		isActionAssumed: action === null
	};
}
