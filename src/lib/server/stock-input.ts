import { withFormValues, type Shelf } from '../core/exchange';
import { readAmount, readNumber, type Currency } from '../core/quantity';
import { err, ok, type Problem, type Result } from '../core/result';

const PACK_FIELDS = ['sku', 'count', 'price', 'stock', 'cost', 'shelf'] as const;
/** Fields that may be empty: not known. */
const OPTIONAL: ReadonlySet<string> = new Set(['stock', 'cost']);

/** A field of a pack: what it says, null for no number, undefined for nothing. */
type Typed = number | null | undefined;

/** Packs as their rows were typed; a row without an SKU is left out. Prices are typed in the units of the currency. */
function packsIn(form: FormData, currency: Currency): Result<object[], Problem[]> {
	const columns = PACK_FIELDS.map((field) => form.getAll(`pack.${field}`).map((value) => String(value).trim()));
	const problems: Problem[] = [];
	const packs = (columns[0] ?? []).flatMap((sku, i) => {
		if (sku === '') return [];
		const text = (column: number) => columns[column]?.[i] ?? '';
		const typed = (column: number, read: (text: string) => number | null): Typed =>
			text(column) === '' ? undefined : read(text(column));
		const money = (words: string) => readAmount(words, currency);
		const [count, price, stock, cost] = [typed(1, readNumber), typed(2, money), typed(3, readNumber), typed(4, money)];
		for (const [name, value] of Object.entries({ count, price, stock, cost }))
			if (value === null || (value === undefined && !OPTIONAL.has(name)))
				problems.push({ path: `packs.${sku}`, message: `${sku}: ${name} must be a number` });
		const shelf = text(5);
		return [
			{
				sku,
				count,
				price,
				...(stock === undefined ? {} : { stock }),
				...(cost === undefined ? {} : { cost }),
				...(shelf === '' ? {} : { shelf })
			}
		];
	});
	return problems.length > 0 ? err(problems) : ok(packs);
}

/** A product or accessory as a form says it is, on top of what is on record. What is on record of a pack beyond the form stays. */
export function stockInput(
	shelf: Shelf,
	{ before, currency }: { before: { packs?: readonly { sku: string }[] }; currency: Currency },
	form: FormData
): Result<object, Problem[]> {
	const values = Object.fromEntries(
		[...form].flatMap(([name, value]) => (typeof value === 'string' ? [[name, value]] : []))
	);
	const facts = withFormValues(shelf, before, values);
	const packs = packsIn(form, currency);
	if (!facts.ok || !packs.ok) return err([...(facts.ok ? [] : facts.error), ...(packs.ok ? [] : packs.error)]);
	const known = new Map((before.packs ?? []).map((pack) => [pack.sku as string, pack]));
	const merged = packs.value.map((pack) => ({ ...known.get((pack as { sku: string }).sku), ...pack }));
	const id = values.id?.trim();
	const withdrawn = form.get('withdrawn') === 'on';
	const { withdrawn: _old, ...rest } = facts.value as { withdrawn?: boolean };
	return ok({ ...rest, ...(id ? { id } : {}), packs: merged, ...(withdrawn ? { withdrawn } : {}) });
}
