import { readNumber } from '$lib/core/quantity';
import { choiceTyped, factOf, isNumeric, type SubjectKind } from '$lib/core/model';

/** What a person types for a fact, as the record keeps it: a number or one of the choices where the fact has them, null for nothing. */
export function readFactInput(kind: SubjectKind, fact: string, text: string): unknown {
	const trimmed = text.trim();
	if (trimmed === '') return null;
	const definition = factOf(kind, fact);
	// What is no number and no choice goes on as it was typed, so that the record says what is wrong with it.
	return (isNumeric(definition) ? readNumber(trimmed) : choiceTyped(definition, trimmed)) ?? trimmed;
}
