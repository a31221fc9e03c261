import { readNumber } from '$lib/core/quantity';
import { factOf, isNumeric, type SubjectKind } from '$lib/core/model';

/** What a person types for a fact, as the record keeps it: a number where the fact has a unit, null for nothing. */
export function readFactInput(kind: SubjectKind, fact: string, text: string): unknown {
	const trimmed = text.trim();
	if (trimmed === '') return null;
	// What is no number goes on as it was typed, so that the record says what is wrong with it.
	return (isNumeric(factOf(kind, fact)) ? readNumber(trimmed) : null) ?? trimmed;
}
