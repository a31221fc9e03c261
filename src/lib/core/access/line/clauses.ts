/** A piece of a line and where it stands. */
export interface Piece {
	text: string;
	from: number;
	to: number;
}

/** Pieces of a stretch of text between separators, without spaces at their ends; empty ones are left out. */
export function pieces(text: string, separator: RegExp, offset = 0): Piece[] {
	const found: Piece[] = [];
	let at = 0;
	for (const part of text.split(separator)) {
		const start = text.indexOf(part, at);
		at = start + part.length;
		const trimmed = part.trim();
		if (trimmed === '') continue;
		const from = offset + start + part.indexOf(trimmed);
		found.push({ text: trimmed, from, to: from + trimmed.length });
	}
	return found;
}

/** A line cut into what is done, and what is said of it. */
export interface Cut {
	head: Piece | null;
	clauses: Piece[];
}

/** Words after which a colon belongs to the clause and not to the head. */
const CLAUSE_COLON = /^\s*(?:care|mind|tools?|reaches|after|by)\s*$/i;

/** Cuts a line at its first colon and at semicolons. @example "grille off: 4 clips; 3 min" // head "grille off", clauses "4 clips", "3 min" */
export function cutLine(line: string): Cut {
	const colon = line.indexOf(':');
	const semicolon = line.indexOf(';');
	const isHead = colon >= 0 && (semicolon < 0 || colon < semicolon) && !CLAUSE_COLON.test(line.slice(0, colon));
	const end = isHead ? colon : semicolon < 0 ? line.length : semicolon;
	const [head = null] = pieces(line.slice(0, end), /$^/);
	const rest = line.slice(end + 1);
	return { head, clauses: pieces(rest, /;/, end + 1) };
}
