import type { z } from 'zod';
import type { Problem } from '../result';

/** A path into a document as people write it: `configurations[0].sockets[3].lens`. */
export function pathText(path: readonly PropertyKey[]): string {
	return path.reduce<string>((text, step) => {
		if (typeof step === 'number') return `${text}[${step}]`;
		return text ? `${text}.${String(step)}` : String(step);
	}, '');
}

function at(value: unknown, path: readonly PropertyKey[]): unknown {
	return path.reduce<unknown>(
		(inner, step) =>
			typeof inner === 'object' && inner !== null ? (inner as Record<PropertyKey, unknown>)[step] : undefined,
		value
	);
}

function shown(value: unknown): string {
	const text = JSON.stringify(value) ?? 'nothing';
	return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}

const KIND_WORDS: Record<string, string> = {
	string: 'text',
	number: 'a number',
	int: 'a whole number',
	boolean: 'true or false',
	array: 'a list',
	tuple: 'a list',
	object: 'an object',
	record: 'an object'
};

function kindWord(kind: string): string {
	return KIND_WORDS[kind] ?? kind;
}

function message(issue: z.core.$ZodIssue, found: string): string {
	switch (issue.code) {
		case 'invalid_type':
			return found === 'nothing'
				? `is missing; ${kindWord(issue.expected)} expected`
				: `must be ${kindWord(issue.expected)}, is ${found}`;
		case 'invalid_value':
			return `must be one of ${issue.values.map(String).join(', ')}, is ${found}`;
		case 'invalid_union':
			return `has a kind that is not known: ${found}`;
		case 'unrecognized_keys':
			return `has fields that do not belong: ${issue.keys.join(', ')}`;
		default:
			return issue.message.startsWith('must') ? `${issue.message}, is ${found}` : `${issue.message} (${found})`;
	}
}

/** Of a choice between shapes the trouble of the one that was meant: its kind is right, and something else in it is not. */
function meantBy(issue: z.core.$ZodIssue): z.core.$ZodIssue[] {
	if (issue.code !== 'invalid_union') return [issue];
	const meant = issue.errors.find((own) => own.length > 0 && own.every(({ path }) => path[0] !== 'kind'));
	return meant ? meant.map((own) => ({ ...own, path: [...issue.path, ...own.path] })) : [issue];
}

/** Turns what the schema found into problems with a path and one plain sentence each. */
export function problemsOf(error: z.ZodError, input: unknown): Problem[] {
	return error.issues.flatMap(meantBy).map((issue) => ({
		path: pathText(issue.path),
		message: message(issue, shown(at(input, issue.path)))
	}));
}
