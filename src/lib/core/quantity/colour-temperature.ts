/**
 * Reciprocal colour temperature in mired, `10^6 / K`.
 * Equal steps in mired look about equally different, equal steps in kelvin do not.
 * @example mired(5000) // 200
 */
export function mired(kelvin: number): number {
	return 1e6 / kelvin;
}
