import { readNumber } from './number';

/** ISO 4217 code of a currency. */
export type Currency = string;

/** The currency of a file or a shop that does not say. */
export const DEFAULT_CURRENCY: Currency = 'EUR';

const formats = new Map<Currency, Intl.NumberFormat>();

/** How amounts of a currency are written: with its own decimals, and nothing between thousands. */
function formatOf(currency: Currency): Intl.NumberFormat {
	let format = formats.get(currency);
	if (!format) {
		const { maximumFractionDigits: digits } = new Intl.NumberFormat('en', {
			style: 'currency',
			currency
		}).resolvedOptions();
		format = new Intl.NumberFormat('en', {
			minimumFractionDigits: digits,
			maximumFractionDigits: digits,
			useGrouping: false
		});
		formats.set(currency, format);
	}
	return format;
}

/** Decimals a currency has. @example decimalsOf('JPY') // 0 */
export function decimalsOf(currency: Currency): number {
	return formatOf(currency).resolvedOptions().maximumFractionDigits ?? 2;
}

/**
 * Money in minor units as a plain amount with the decimals of its currency.
 * @example amount(3490, 'EUR') // "34.90"
 * @example amount(3490, 'JPY') // "3490"
 */
export function amount(minor: number, currency: Currency): string {
	return formatOf(currency).format(minor / 10 ** decimalsOf(currency));
}

/** Money as text, with its currency. @example money(3490, 'EUR') // "34.90 EUR" */
export function money(minor: number, currency: Currency): string {
	return `${amount(minor, currency)} ${currency}`;
}

/** Reads an amount that somebody typed as whole minor units; null when it is no amount. @example readAmount('34,90', 'EUR') // 3490 */
export function readAmount(text: string, currency: Currency): number | null {
	const value = readNumber(text);
	return value === null ? null : Math.round(value * 10 ** decimalsOf(currency));
}
