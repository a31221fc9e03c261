import type { Candidate } from '../candidates/candidate';

/** What somebody wishes for the whole vehicle. */
export interface Preferences {
	inStock: boolean;
	withoutParts: boolean;
	/** One white throughout, K. */
	kelvin: number | null;
	/** One maker throughout. */
	maker: string | null;
}

export const NO_PREFERENCES: Preferences = { inStock: false, withoutParts: false, kelvin: null, maker: null };

/** One kind of wish: whether it was made, how it is said, and which candidates are left by it. */
export interface PreferenceKind {
	id: keyof Preferences;
	made: (preferences: Preferences) => boolean;
	label: (preferences: Preferences) => string;
	keeps: (candidate: Candidate, preferences: Preferences) => boolean;
	/** The wish with nothing but this part of it. */
	alone: (preferences: Preferences) => Preferences;
}
