import { withFormValues, type Shelf } from '../core/exchange';
import { err, ok, type Problem, type Result } from '../core/result';

const PACK_FIELDS = ['sku', 'count', 'price', 'stock', 'cost', 'shelf'] as const;
/** Fields that may be empty: not known. */
const OPTIONAL: ReadonlySet<string> = new Set(['stock', 'cost']);

/** Packs as their rows were typed; a row without an SKU is left out. Prices are typed in major units. */
function packsIn(form: FormData): Result<object[], Problem[]> {
	const columns = PACK_FIELDS.map((field) => form.getAll(`pack.${field}`).map((value) => String(value).trim()));
	const problems: Problem[] = [];
	const packs = (columns[0] ?? []).flatMap((sku, i) => {
		if (sku === '') return [];
		const [count = '', price = '', stock = '', cost = ''] = columns
			.slice(1, 5)
			.map((column) => (column[i] ?? '').replace(',', '.'));
		const where = columns[5]?.[i] ?? '';
		for (const [name, text] of [
			['count', count],
			['price', price],
			['stock', stock],
			['cost', cost]
		] as const)
			if ((text !== '' || !OPTIONAL.has(name)) && !(text !== '' && Number.isFinite(Number(text))))
				problems.push({ path: `packs.${sku}`, message: `${sku}: ${name} must be a number` });
		const more = {
			...(stock === '' ? {} : { stock: Number(stock) }),
			...(cost === '' ? {} : { cost: Math.round(Number(cost) * 100) }),
			...(where === '' ? {} : { shelf: where })
		};
		return [{ sku, count: Number(count), price: Math.round(Number(price) * 100), ...more }];
	});
	return problems.length > 0 ? err(problems) : ok(packs);
}

/** A product or accessory as a form says it is, on top of what is on record. What is on record of a pack beyond the form stays. */
export function stockInput(
	shelf: Shelf,
	before: { packs?: readonly { sku: string }[] },
	form: FormData
): Result<object, Problem[]> {
	const values = Object.fromEntries(
		[...form].flatMap(([name, value]) => (typeof value === 'string' ? [[name, value]] : []))
	);
	const facts = withFormValues(shelf, before, values);
	const packs = packsIn(form);
	if (!facts.ok || !packs.ok) return err([...(facts.ok ? [] : facts.error), ...(packs.ok ? [] : packs.error)]);
	const known = new Map((before.packs ?? []).map((pack) => [pack.sku as string, pack]));
	const merged = packs.value.map((pack) => ({ ...known.get((pack as { sku: string }).sku), ...pack }));
	const id = values.id?.trim();
	const withdrawn = form.get('withdrawn') === 'on';
	const { withdrawn: _old, ...rest } = facts.value as { withdrawn?: boolean };
	return ok({ ...rest, ...(id ? { id } : {}), packs: merged, ...(withdrawn ? { withdrawn } : {}) });
}
