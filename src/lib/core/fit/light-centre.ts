/** A beam keeps its focus while the light stands within this of the filament's place, mm (assumption, editable later). */
export const LIGHT_CENTRE_PASS_MM = 1;
/** Up to this only a beam check can tell; past it the beam is out of focus, mm (assumption, editable later). */
export const LIGHT_CENTRE_CHECK_MM = 2;

/** Distance of an LED's light centre from the filament's, mm, and what it means for a focused beam. */
export function lightCentreError(lamp: number, category: number): { off: number; focus: 'kept' | 'doubtful' | 'lost' } {
	const off = Math.abs(lamp - category);
	if (off <= LIGHT_CENTRE_PASS_MM) return { off, focus: 'kept' };
	return { off, focus: off <= LIGHT_CENTRE_CHECK_MM ? 'doubtful' : 'lost' };
}
