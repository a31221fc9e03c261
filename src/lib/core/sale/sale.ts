/** How far a kit for a customer has come. `lost`: not taken; `returned`: all of it came back. */
export const SALE_STATES = ['quoted', 'ordered', 'picked', 'handed-over', 'returned', 'lost'] as const;
export type SaleState = (typeof SALE_STATES)[number];

/** Why a quote was not taken. It is demand all the same. */
export const LOST_REASONS = ['price', 'not-in-stock', 'socket-open', 'elsewhere', 'no-answer', 'other'] as const;
export type LostReason = (typeof LOST_REASONS)[number];

/** Why something came back. */
export const RETURN_REASONS = ['does-not-fit', 'fault', 'warning', 'colour', 'not-wanted', 'other'] as const;
export type ReturnReason = (typeof RETURN_REASONS)[number];

/** Reasons that are worth a complaint: they say something of the lamp, or of the record. */
export const COMPLAINT_REASONS: ReadonlySet<ReturnReason> = new Set(['does-not-fit', 'fault', 'warning', 'colour']);

/** Packs of one number in a kit for a customer. */
export interface SaleLine {
	sku: string;
	/** The product or part it is a pack of, and what it is called. */
	item: string;
	name: string;
	packs: number;
	/** Where it was to be taken from when it was promised. */
	shelf?: string;
	/** Packs that came back. */
	returned: number;
}

/** Packs that came back together, and why. */
export interface SaleReturn {
	on: string;
	reason: ReturnReason;
	/** True for packs that go back on the shelf. */
	restocked: boolean;
	lines: { sku: string; packs: number }[];
}

/** A released kit on its way to a customer. Who that is stands apart and can be taken away. */
export interface Sale {
	id: string;
	/** The released revision it is of. */
	code: string;
	kit: string;
	configuration: string;
	/** Branch whose packs it takes; null for the first one, or the only shop. */
	branch: string | null;
	state: SaleState;
	/** Last day its packs are kept for it; null while nothing is promised. */
	reservedUntil: string | null;
	lines: SaleLine[];
	/** Price that was quoted, minor units. */
	total: number;
	quotedOn: string;
	lostBecause?: LostReason;
	returns: SaleReturn[];
	/** What happened, day by day. */
	log: { on: string; by: string; what: string }[];
}

/** Packs of a number: on the shelf, and promised to others. */
export interface PackStanding {
	stock: number;
	promised: number;
}
