import type { Knex } from 'knex';
import type { SavedCopy } from './saved-copy';

/** How data are held: a file has one who serves it; a schema has as many as serve it together, and what replaces it has it alone. */
export type How = 'to-serve' | 'to-replace';

/** Data where they are: what is done with all of them at once, as each engine does it. */
export interface Place {
	/** Where that is, for a sentence. */
	readonly words: string;
	/** How the files end that it is saved in. */
	readonly ending: string;
	/** False where nothing was ever kept. A schema is made when it is opened. */
	isThere: () => boolean;
	/** A connection, without a look at what is there. */
	connect: () => Knex;
	/** Makes or changes the tables while no other process does. */
	prepare: (db: Knex, work: () => Promise<void>) => Promise<void>;
	/**
	 * Takes the data for this process. The command line reads and writes beside a server; what replaces the data or serves them has to hold them.
	 * @param what what holds them, for others to read. @example "the Rotalux server"
	 * @returns gives them back
	 * @throws Trouble with one sentence when somebody else has them
	 */
	hold: (what: string, how: How) => Promise<() => Promise<void>>;
	/**
	 * Saves them while others may be using them, as they stand at one moment, and reads what was written again.
	 * @throws Trouble when the copy is not whole
	 */
	saveAs: (file: string) => Promise<SavedCopy>;
	/**
	 * Puts a saved copy in their place. Whoever does that holds them alone.
	 * @param wrong says what is wrong with the migrations that the copy has gone through; null when nothing is
	 * @returns where what was there is kept; null when nothing was
	 * @throws Trouble with one sentence; everything is as it was then
	 */
	replaceBy: (file: string, wrong: (gone: readonly string[]) => string | null) => Promise<string | null>;
	/** Takes everything away. Whoever does that holds it alone. */
	clear: () => Promise<void>;
	/** Bytes that wait in a log beside the data; null where that is the server's matter. */
	waitingBytes: () => number | null;
}
