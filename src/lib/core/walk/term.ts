import type { Evidence, Side, Zone } from '../model';
import type { FunctionId } from '../lamps';
import { wordsOf } from './words';

/** What a word or a run of words means. */
export type Meaning =
	| { kind: 'function'; ids: FunctionId[] }
	| { kind: 'zone'; zone: Zone }
	/** A side, or a corner of the vehicle. */
	| { kind: 'side'; sides: Side[]; zone?: Zone }
	| { kind: 'index'; index: number }
	| { kind: 'fact'; facts: Record<string, unknown> }
	| { kind: 'source'; source: Evidence['source'] }
	| { kind: 'absent' }
	/** How many lamps there are. */
	| { kind: 'count'; count: number }
	/** The side of the driver or of the passenger, which the steering decides. */
	| { kind: 'role'; role: 'driver' | 'passenger'; zone?: Zone }
	/** The cap of the lamp, by its designation in the standards. */
	| { kind: 'cap'; cap: string }
	/** What the lamp draws, W. */
	| { kind: 'watts'; watts: number }
	/** A word that says nothing: light, lamp, bulb. */
	| { kind: 'noise' };

/** A run of words with its meaning, and how the meaning is said back. */
export interface Term {
	words: string[];
	meaning: Meaning;
	label: string;
}

/** A run of words that means something, and how that is said back. */
export const term = (text: string, meaning: Meaning, label: string): Term => ({
	words: wordsOf(text).map((word) => word.text),
	meaning,
	label
});
/** Several runs of words that mean the same, parted by a stroke. */
export const several = (texts: string, meaning: Meaning, label: string): Term[] =>
	texts.split('|').map((text) => term(text, meaning, label));
