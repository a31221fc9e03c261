import type { Configuration, EvidenceSource, Socket } from '../../../model';
import type { Chance } from '../../chance';

/** What a paper gets wrong: which places, which fact, what it says and what is true. */
export interface Misled {
	error: string;
	/** The paper that says it. */
	source: EvidenceSource;
	sockets: readonly Socket['id'][];
	fact: 'category' | 'lens' | 'sockets';
	says: string;
	is: string;
	/** Why papers say so, and how a person finds out. */
	why: string;
}

/** An error that papers about vehicles have, on the paper as it stands. */
export interface DocumentError {
	id: string;
	why: string;
	/** The paper with the error in it, and what it gets wrong; null where this vehicle gives no room for it. */
	make: (paper: Configuration, chance: Chance) => ErrorMade | null;
}

export interface ErrorMade {
	paper: Configuration;
	wrong: Pick<Misled, 'sockets' | 'fact' | 'says' | 'is'>;
}
