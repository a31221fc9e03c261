/** Above this on-share a pulsed feed only limits the voltage of a filament; below it the share itself says how bright (practice). */
export const MEANINGFUL_DUTY = 0.7;

/** Smoothing helps a feed that is pulsed to limit voltage, and does harm where the on-share carries the brightness. */
export function smoothingHelps(duty: number): boolean {
	return duty >= MEANINGFUL_DUTY;
}
