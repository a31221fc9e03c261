/** Free space a fan needs behind it to move air, mm (practice). */
export const FAN_AIR_MM = 10;

/** Depth a rear body needs behind the reference plane, mm: its length, and air for a fan. */
export function depthNeeded(rearLength: number, cooling: 'none' | 'fins' | 'fan' | 'strap' | undefined): number {
	return rearLength + (cooling === 'fan' ? FAN_AIR_MM : 0);
}
