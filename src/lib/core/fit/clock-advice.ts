import { CLOCK_CHECK, CLOCK_CHECK_FOG, CLOCK_PASS, clockError } from './clocking';

/** What to do so that the emitters stand at 3 and 9 o'clock when the lamp is locked. */
export interface ClockAdvice {
	/** How far they stand off, degrees, clockwise positive, seen from the front. */
	error: number;
	/** How far and which way the lamp is turned in its collar; null when it stands right. */
	turn: { degrees: number; direction: 'clockwise' | 'anticlockwise' } | null;
	level: 'pass' | 'needs' | 'unknown' | 'refuse';
}

/**
 * Judges how a sided lamp stands when locked. A fixed collar cannot be turned: a small error of it wants a look at the beam, in a fog lamp a
 * larger one as well.
 */
export function clockAdvice(
	angles: { key: number; emitter: number },
	collar: 'fixed' | 'adjustable' | 'removable',
	beam: 'headlamp' | 'fog' = 'headlamp'
): ClockAdvice {
	const error = clockError(angles);
	const off = Math.abs(error);
	if (off <= CLOCK_PASS) return { error, turn: null, level: 'pass' };
	const turn = { degrees: off, direction: error > 0 ? ('anticlockwise' as const) : ('clockwise' as const) };
	if (collar !== 'fixed') return { error, turn, level: 'needs' };
	return { error, turn, level: off <= (beam === 'fog' ? CLOCK_CHECK_FOG : CLOCK_CHECK) ? 'unknown' : 'refuse' };
}
