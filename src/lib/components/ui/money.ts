import { amount } from '$lib/core/quantity';

/** Money as text, with its currency. @example money(3490, 'EUR') // "34.90 EUR" */
export function money(minor: number, currency: string): string {
	return `${amount(minor)} ${currency}`;
}
