/** Lines of work that goes on when nobody waits for it. What is to be done stands in tables; a job only says that it is to be done. */
export const QUEUES = ['import', 'cover', 'bulk-kit', 'message', 'chore'] as const;
export type Queue = (typeof QUEUES)[number];

/**
 * Does what a key stands for. Done twice it does nothing the second time: a job of a process that ended is taken by another, and one over which
 * the database failed is done again.
 */
export type Work = (key: string) => Promise<void>;

/** Words that one process says to all that work on the same data, itself included. They make waiting shorter; nobody relies on hearing one. */
export interface Bus {
	say: (topic: string, word: object) => void;
	/** @returns stops listening */
	hear: <W extends object>(topic: string, listener: (word: W) => void) => () => void;
}

/** Work in line, and the processes that take it: one here for a file, as many as there are for a server. */
export interface Jobs extends Bus {
	/** Puts a piece of work in line, once for its key while it waits. */
	send: (queue: Queue, key: string) => Promise<void>;
	/** Takes pieces out of a line, one at a time. */
	work: (queue: Queue, work: Work) => Promise<void>;
	/** Takes no more, waits for nothing. What was under way is taken up again, here or elsewhere. */
	stop: () => Promise<void>;
}
