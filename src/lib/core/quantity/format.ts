/**
 * A number with at most `digits` decimals and no trailing zeros, for texts and tables.
 * @example decimal(1.5, 2) // "1.5"
 */
export function decimal(value: number, digits = 1): string {
	return String(Number(value.toFixed(digits)));
}

/** An amount of bytes as people read it. @example bytesText(1_500_000) // "1.5 MB" */
export function bytesText(bytes: number): string {
	const units = ['bytes', 'kB', 'MB', 'GB', 'TB'];
	const step = Math.min(units.length - 1, Math.max(0, Math.floor(Math.log10(Math.max(1, bytes)) / 3)));
	return `${decimal(bytes / 1000 ** step)} ${units[step]}`;
}

const PLURAL = new Intl.PluralRules('en');

/** A word for a count: the one for a single thing, else the one for several, which has an s where it is not given. */
export function plural(count: number, one: string, other = `${one}s`): string {
	return PLURAL.select(count) === 'one' ? one : other;
}

/** A count with its word. @example counted(1, 'row') // "1 row" */
export function counted(count: number, one: string, other?: string): string {
	return `${count} ${plural(count, one, other)}`;
}
