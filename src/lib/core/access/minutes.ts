import type { Operation } from '../model';

/** Minutes taken for an operation that nobody has timed, off; putting it back is taken to be as long. */
export const ASSUMED_MINUTES = 3;

/** How long an operation takes, there and back. */
export interface Minutes {
	off: number;
	on: number;
	/** True when nobody has timed one of the two. */
	assumed: boolean;
}

/** Minutes of an operation as recorded; a half that nobody timed is taken to be as long as the other one, and both as assumed where neither was. */
export function minutesOf({ minutesOff, minutesOn }: Pick<Operation, 'minutesOff' | 'minutesOn'>): Minutes {
	const off = minutesOff ?? minutesOn ?? ASSUMED_MINUTES;
	return { off, on: minutesOn ?? off, assumed: minutesOff === undefined || minutesOn === undefined };
}

/** Minutes that are recorded, there and back; what nobody timed adds nothing. */
export const recordedMinutes = ({ minutesOff = 0, minutesOn = 0 }: Operation): number => minutesOff + minutesOn;
