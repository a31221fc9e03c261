/** Headings that can be told apart: an empty one is named by its column, one that comes again is numbered. */
export function headingNames(cells: readonly unknown[]): string[] {
	const seen = new Map<string, number>();
	return cells.map((cell, i) => {
		const text = String(cell ?? '').trim() || `column ${columnLetter(i)}`;
		const times = (seen.get(text) ?? 0) + 1;
		seen.set(text, times);
		return times === 1 ? text : `${text} (${times})`;
	});
}

/** A column's letter, as spreadsheets name it. @example columnLetter(27) // "AB" */
export function columnLetter(index: number): string {
	const rest = String.fromCharCode(65 + (index % 26));
	return index < 26 ? rest : columnLetter(Math.floor(index / 26) - 1) + rest;
}
