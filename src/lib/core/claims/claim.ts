import type { Product } from '../model';

/** How far a maker's claim can be believed. */
export type ClaimLevel = 'plausible' | 'doubtful' | 'not-credible' | 'missing';

/** One claim of a maker, reviewed. */
export interface ClaimReading {
	claim: 'flux' | 'flux-per' | 'life' | 'ingress' | 'fits' | 'data';
	level: ClaimLevel;
	/** What the maker says. */
	claimed: string;
	/** What Rotalux reckons with instead; empty when it takes the claim as it is. */
	derated: string;
	why: string;
}

/** Reads one kind of claim; null when the product makes none. */
export type ClaimCheck = (product: Product) => ClaimReading | null;
