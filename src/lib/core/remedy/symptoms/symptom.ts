import type { ModeState } from '../../circuit';

/** Something seen in one mode, on one channel. */
export interface Seen<K extends string> {
	kind: K;
	channel: string;
	sockets: string[];
	/** The numbers behind it. */
	why: string;
}

/** How complaints of some kinds show in the state of a circuit in one mode. */
export interface Symptom<K extends string> {
	/** What each kind of complaint is called in a sentence. */
	names: Readonly<Record<K, string>>;
	seenIn: (state: ModeState) => Seen<K>[];
}
