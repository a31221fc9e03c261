/** How a festoon of one length sits in a holder of another. */
export type FestoonSeat = 'seats' | 'strained' | 'too-long' | 'too-short';

/** A festoon up to this much longer or shorter than its holder usually seats, mm. */
export const FESTOON_OVER_MM = 1;
export const FESTOON_UNDER_MM = 2;
/** One more millimetre either way strains the holder and wants a hand check; past that it is being bent. */
const STRAIN_MM = 1;

/** Judges lamp and holder length, mm, both over the contacts. */
export function festoonSeat(lampLength: number, holderLength: number): FestoonSeat {
	const over = lampLength - holderLength;
	if (over > FESTOON_OVER_MM + STRAIN_MM) return 'too-long';
	if (over < -FESTOON_UNDER_MM - STRAIN_MM) return 'too-short';
	return over > FESTOON_OVER_MM || over < -FESTOON_UNDER_MM ? 'strained' : 'seats';
}
