/**
 * A number with at most `digits` decimals and no trailing zeros, for texts and tables.
 * @example decimal(1.5, 2) // "1.5"
 */
export function decimal(value: number, digits = 1): string {
	return String(Number(value.toFixed(digits)));
}

/**
 * Money in minor units as a plain amount with two decimals.
 * @example amount(3490) // "34.90"
 */
export function amount(minor: number): string {
	return (minor / 100).toFixed(2);
}

/** A count with its word. @example counted(1, 'row') // "1 row" */
export function counted(count: number, one: string): string {
	return `${count} ${one}${count === 1 ? '' : 's'}`;
}
