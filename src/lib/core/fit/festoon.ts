/** How a festoon of one length sits in a holder of another. */
export type FestoonSeat = 'seats' | 'strained' | 'bent' | 'too-long' | 'too-short';

/** A festoon up to this much longer or shorter than its holder usually seats, mm. */
export const FESTOON_OVER_MM = 1;
export const FESTOON_UNDER_MM = 2;
/** One more millimetre either way strains the holder and wants a hand check; past that it is being bent. */
const STRAIN_MM = 1;
/** Sprung arms can be set outward by hand up to this much, mm (practice; they may lose grip). */
export const FESTOON_BENT_MM = 3;

/**
 * Judges lamp and holder length, mm, both over the contacts.
 * @param holder `rigid` where its arms do not give; sprung metal arms can be bent outward by hand
 */
export function festoonSeat(
	lampLength: number,
	holderLength: number,
	holder: 'sprung' | 'rigid' = 'sprung'
): FestoonSeat {
	const over = lampLength - holderLength;
	if (over < -FESTOON_UNDER_MM - STRAIN_MM) return 'too-short';
	if (over < -FESTOON_UNDER_MM) return 'strained';
	if (over <= FESTOON_OVER_MM) return 'seats';
	if (holder === 'sprung') return over <= FESTOON_BENT_MM ? 'bent' : 'too-long';
	return over <= FESTOON_OVER_MM + STRAIN_MM ? 'strained' : 'too-long';
}
