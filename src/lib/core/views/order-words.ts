import type { KitOrder } from '../model';
import { lampFunction } from '../lamps';
import { money, type Currency } from '../quantity';

/** What a kit is asked to be, in a few words. @example "rear, by price, at most 300.00 EUR" */
export function orderWords(order: KitOrder, currency: Currency): string {
	const { scope, function: fn, balance, budget, kelvin, maker, whole, withoutParts, matched, everyShelf } = order;
	return [
		scope === 'function' && fn ? lampFunction(fn).label.toLowerCase() : scope,
		`by ${balance}`,
		budget === undefined ? null : `at most ${money(budget, currency)}`,
		kelvin === undefined ? null : `${kelvin} K`,
		maker ?? null,
		whole ? 'every socket' : null,
		withoutParts ? 'without parts' : null,
		matched === false ? 'whites not matched' : null,
		everyShelf ? 'packs of every branch' : null
	]
		.filter((text) => text !== null)
		.join(', ');
}
