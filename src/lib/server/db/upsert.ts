/** A name of a table or column, as SQL. */
export const named = (name: string): string => `"${name}"`;

/** What both engines say of a row that takes the place of one that is there, by the columns that tell rows apart; nothing where every row is new. */
export function inPlaceOf(columns: readonly string[], key: readonly string[] | undefined): string {
	if (!key) return '';
	const others = columns.filter((column) => !key.includes(column));
	const replaced = others.map((column) => `${named(column)} = excluded.${named(column)}`).join(', ');
	return ` ON CONFLICT (${key.map(named).join(', ')}) DO ${replaced ? `UPDATE SET ${replaced}` : 'NOTHING'}`;
}
