import { LAMP_CATEGORIES } from '../lamps';
import { PURPOSES } from '../model/enumerations';
import { choiceValues, FACTS, type Fact, type SubjectKind } from '../model';
import { err, ok, type Problem, type Result } from '../result';
import { valueAt, withValueAt } from '../vehicle';
import { COLUMNS, fromCell, toCell, type CellKind } from './sheets';

/** Which shelf of the stock a form is for. */
export type Shelf = 'products' | 'accessories';

/** One field of the form of a product or accessory. */
export interface StockField {
	/** Path in the record, and name of the field. */
	path: string;
	label: string;
	unit: string;
	kind: CellKind;
	choices: readonly string[];
	/** True where several words may stand; which are offered, and whether others may be written. */
	isList: boolean;
	offers: readonly string[];
	isFree: boolean;
	/** From where to where a number commonly lies. */
	usual: Fact['usual'] | null;
	/** Said below the field. */
	hint: string;
}

const categoryNames = () => LAMP_CATEGORIES.map(({ category }) => category);

/** Words that are offered for lists whose facts name none. */
const OFFERS: Readonly<Record<string, () => readonly string[]>> = {
	fits: categoryNames,
	'fits.categories': categoryNames,
	purpose: () => PURPOSES
};

const SUBJECT: Record<Shelf, SubjectKind> = { products: 'product', accessories: 'accessory' };

const kindOf = (shelf: Shelf, path: string): CellKind =>
	COLUMNS[shelf].find((column) => column.path === path)?.kind ?? 'text';

/** The form of a shelf: its groups of fields, as the registry of facts has them. */
export function stockForm(shelf: Shelf): { title: string; fields: StockField[] }[] {
	const groups = new Map<string, StockField[]>();
	for (const [path, fact] of Object.entries(FACTS[SUBJECT[shelf]])) {
		if (!fact.form) continue;
		const { group, label = fact.label, hint = '' } = fact.form;
		const choices = fact.kind === 'choice' ? (choiceValues(fact) ?? []) : [];
		const kind = kindOf(shelf, path);
		const offers = OFFERS[path]?.() ?? choiceValues(fact) ?? [];
		const field: StockField = {
			path,
			label,
			unit: fact.unit ?? '',
			kind,
			choices,
			isList: kind === 'list' || kind === 'lines' || kind === 'names',
			offers,
			isFree: kind === 'lines' || kind === 'names',
			usual: fact.usual ?? null,
			hint
		};
		groups.set(group, [...(groups.get(group) ?? []), field]);
	}
	return [...groups].map(([title, fields]) => ({ title, fields }));
}

/** The values of a record as the fields of its form show them. */
export function formValues(shelf: Shelf, record: object): Record<string, string> {
	const fields = stockForm(shelf).flatMap((group) => group.fields);
	return Object.fromEntries(fields.map(({ path, kind }) => [path, String(toCell(kind, valueAt(record, path)))]));
}

/**
 * A record with what a form says: an empty field takes its fact away; what the form does not show stays.
 * Says for each field what cannot be read.
 */
export function withFormValues(
	shelf: Shelf,
	record: object,
	values: Readonly<Record<string, string>>
): Result<object, Problem[]> {
	const problems: Problem[] = [];
	let next = record;
	for (const { path, label, kind } of stockForm(shelf).flatMap((group) => group.fields)) {
		const text = values[path]?.trim();
		if (text === undefined) continue;
		if (text === '') next = withValueAt(next, path, undefined);
		else {
			const read = fromCell(kind, text);
			if (read.ok) next = withValueAt(next, path, read.value);
			else problems.push({ path, message: `${label} ${read.error}` });
		}
	}
	return problems.length > 0 ? err(problems) : ok(next);
}
