import type { PartPlace } from '../../accessories';
import type { Verdict } from '../../match';
import type { ComplaintKind } from '../../remedy';

/** Pieces of a part in one place. */
export interface FittedPieces extends PartPlace {
	pieces: number;
}

/** One line of a kit: packs of one stock-keeping unit. */
export interface KitLine {
	/** Socket ids its pieces go to; for an accessory the sockets it helps, empty when it serves the whole vehicle. */
	sockets: string[];
	sku: string;
	product?: string;
	accessory?: string;
	name: string;
	/** Packs, pieces in them together, and pieces left over. */
	packs: number;
	count: number;
	spare: number;
	/** Price of the line, and what is left of it for the shop when its cost is known, minor units. */
	price: number;
	margin?: number;
	/** Packs on the shelf when it was worked out, and where. */
	stock?: number;
	shelf?: string;
	/** What it is for. */
	solves: string;
	/** Where the pieces of a part are fitted. */
	fitted?: FittedPieces[];
	/** Verdict of a lamp in its sockets; a check by hand wants a signature. */
	verdict?: Verdict;
	/** Why an assembly wants a check by hand. */
	check?: string;
}

/** What the circuit has to say against a kit: told apart by `id`, its channel and kind. */
export interface KitComplaint {
	id: string;
	kind: ComplaintKind;
	channel: string;
	/** The numbers behind it. */
	why: string;
}

/** A white that stands out beside its neighbours. */
export interface KitMismatch {
	sockets: string[];
	/** Where it is seen beside others. */
	sight: string;
}

/** Pieces of a consumable that are not in the kit: the shelf has too few, or the budget does not reach for them. */
export interface MissingPieces {
	accessory: string;
	name: string;
	pieces: number;
	why?: 'shelf' | 'budget';
}

/** A kit as worked out. */
export interface KitAnswer {
	lines: KitLine[];
	/** Price of all lines, minor units. */
	total: number;
	/** How low what was minimised could be at most, and the distance to it; 0 means proven best. */
	bound: number;
	gap: number;
	/** Sockets without a line, why, and what product would close each. */
	open: OpenSocket[];
	mismatches: KitMismatch[];
	missing: MissingPieces[];
	/** Only where a person fixed it so. */
	complaints: KitComplaint[];
	/** Lamps that are in the vehicle already, by socket. */
	has?: Record<string, string>;
	/** The next best kits: what they cost and where they differ. */
	runnersUp: { total: number; differs: string[] }[];
}

export interface OpenSocket {
	socket: string;
	why: string;
	/** The product that would close it, in words; absent where nobody is to choose. */
	wanted?: string;
}

/** A kit with nothing in it. */
export const EMPTY_ANSWER: KitAnswer = {
	lines: [],
	total: 0,
	bound: 0,
	gap: 0,
	open: [],
	mismatches: [],
	missing: [],
	complaints: [],
	runnersUp: []
};
