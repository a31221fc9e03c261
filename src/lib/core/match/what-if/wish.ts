import type { Candidate } from '../candidates/candidate';

/** What somebody wishes for the whole vehicle. */
export interface Wish {
	inStock: boolean;
	withoutParts: boolean;
	/** One white throughout, K. */
	kelvin: number | null;
	/** One maker throughout. */
	maker: string | null;
}

export const NO_WISH: Wish = { inStock: false, withoutParts: false, kelvin: null, maker: null };

/** One kind of wish: whether it was made, how it is said, and which candidates are left by it. */
export interface WishKind {
	id: keyof Wish;
	made: (wish: Wish) => boolean;
	label: (wish: Wish) => string;
	keeps: (candidate: Candidate, wish: Wish) => boolean;
	/** The wish with nothing but this part of it. */
	alone: (wish: Wish) => Wish;
}
