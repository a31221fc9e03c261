import { err, ok, type Result } from '../result';
import type { Identity } from './identity';

/** The fields of an identity as they are typed: all text. */
export type IdentityTexts = (field: string) => string;

const lines = (text: string, apart: RegExp) =>
	text
		.split(apart)
		.map((line) => line.trim())
		.filter(Boolean);

function yearsIn(from: string, to: string): Result<[number, number] | null, string> {
	if (!from && !to) return ok(null);
	const [first, last] = [Number(from || to), Number(to || from)];
	if (!Number.isInteger(first) || !Number.isInteger(last))
		return err(`The model years must be numbers such as 2017; these are “${from}” and “${to}”.`);
	return first <= last ? ok([first, last]) : err(`The model years run backwards: ${first} to ${last}.`);
}

function optionsIn(text: string): Result<Record<string, string>, string> {
	const pairs = lines(text, /\n/).map((line) => line.split('=').map((part) => part.trim()));
	const odd = pairs.find(([key, value, ...rest]) => !key || !value || rest.length > 0);
	if (odd) return err(`An option is written as headlamp=projector; “${odd.join('=')}” is not.`);
	return ok(Object.fromEntries(pairs));
}

/** Reads an identity from typed fields; what is empty is not known. Says in one sentence what cannot be read. */
export function readIdentity(text: IdentityTexts): Result<Identity, string> {
	const field = (name: string) => text(name).trim();
	const years = yearsIn(field('from'), field('to'));
	if (!years.ok) return years;
	const options = optionsIn(text('options'));
	if (!options.ok) return options;
	const [names, tells] = [lines(text('names'), /,/), lines(text('tells'), /\n/)];
	const identity = {
		make: field('make'),
		model: field('model'),
		...(names.length > 0 ? { names } : {}),
		...(field('generation') ? { generation: field('generation') } : {}),
		...(years.value ? { years: years.value } : {}),
		...(field('body') ? { body: field('body') } : {}),
		kind: field('kind'),
		market: field('market'),
		...(field('steering') ? { steering: field('steering') } : {}),
		...(Object.keys(options.value).length > 0 ? { options: options.value } : {}),
		...(tells.length > 0 ? { tells } : {})
	};
	return ok(identity as Identity);
}
