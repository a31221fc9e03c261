/** Emitters of a sided lamp stand right when their plane is horizontal: at 3 and 9 o'clock, seen from the front. */
const HORIZONTAL = 90;

/** Up to this error a beam keeps its shape; up to the second a look at it is needed, degrees. */
export const CLOCK_PASS = 5;
export const CLOCK_CHECK = 10;
/** A fog lamp throws a wide band: up to this it is a doubt for the wall, degrees. */
export const CLOCK_CHECK_FOG = 25;

/**
 * How far the emitters stand from 3 and 9 o'clock when the lamp is locked, degrees from -90 to 90, clockwise positive.
 * Angle of the socket's key when locked, plus angle of the emitter plane to the lamp's key, modulo half a turn.
 * @example clockError({ key: 30, emitter: 90 }) // 30
 */
export function clockError({ key, emitter }: { key: number; emitter: number }): number {
	const off = (((key + emitter - HORIZONTAL) % 180) + 180) % 180;
	return off > 90 ? off - 180 : off;
}
