import { z } from 'zod';
import { BALANCES, KIT_SCOPES, kelvins, kitOrder, label, minorUnits, type KitOrder } from '../core/model';
import { BALANCE_WEIGHTS, GOALS } from '../core/kit';
import { FUNCTION_IDS } from '../core/lamps';
import { readAmount, readNumber, type Currency } from '../core/quantity';

const emptyIsNone = (text: string) => (text.trim() === '' ? undefined : text.trim());
const on = z.literal('on').optional();
const weight = z.coerce.number().min(0).max(3);

const fieldsIn = (currency: Currency) =>
	z.object({
		scope: z.enum(KIT_SCOPES),
		function: z.enum(FUNCTION_IDS).optional(),
		balance: z.enum(BALANCES),
		budget: z
			.string()
			.transform((text) => (emptyIsNone(text) === undefined ? undefined : (readAmount(text, currency) ?? NaN)))
			.pipe(minorUnits.optional()),
		kelvin: z
			.string()
			.transform((text) => (emptyIsNone(text) === undefined ? undefined : (readNumber(text) ?? NaN)))
			.pipe(kelvins.optional()),
		maker: z.string().transform(emptyIsNone).pipe(label.optional()),
		whole: on,
		withoutParts: on,
		matched: on,
		everyShelf: on,
		light: weight,
		heat: weight,
		minutes: weight,
		risk: weight
	});

/**
 * What a kit is asked to be, from its form; the rest of the order stays. A balance that stands as its name says is kept by name.
 * @returns null when a field cannot be read
 */
export function orderIn(form: FormData, currency: Currency): ((order: KitOrder) => KitOrder) | null {
	const read = fieldsIn(currency).safeParse(Object.fromEntries(form));
	if (!read.success) return null;
	const { light, heat, minutes, risk, whole, withoutParts, matched, everyShelf, ...rest } = read.data;
	const weights = { light, heat, minutes, risk };
	const named = BALANCE_WEIGHTS[rest.balance];
	const moved = GOALS.some(({ id }) => named[id] !== weights[id]);
	return (order) =>
		kitOrder.parse({
			...order,
			...rest,
			weights: moved ? weights : undefined,
			whole: whole === 'on' || undefined,
			withoutParts: withoutParts === 'on' || undefined,
			matched: matched === 'on' ? undefined : false,
			everyShelf: everyShelf === 'on' || undefined
		});
}
