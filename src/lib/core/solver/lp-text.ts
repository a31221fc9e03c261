import type { Program } from './solver';

const TERMS_PER_LINE = 8;

function sum(terms: readonly (readonly [number, string])[]): string {
	const words = terms.map(([coefficient, name]) => `${coefficient < 0 ? '-' : '+'} ${Math.abs(coefficient)} ${name}`);
	const lines: string[] = [];
	for (let i = 0; i < words.length; i += TERMS_PER_LINE) lines.push(words.slice(i, i + TERMS_PER_LINE).join(' '));
	return lines.join('\n  ');
}

/** A program in the CPLEX LP text format, which every solver library reads. Names must be plain letters, digits and underscores. */
export function lpText({ variables, constraints }: Program): string {
	const costs = variables.filter((v) => v.cost !== 0).map((v) => [v.cost, v.name] as const);
	const [any] = variables;
	const binaries = variables.filter((v) => v.kind === 'binary').map((v) => v.name);
	const integers = variables.filter((v) => v.kind === 'integer');
	return [
		'Minimize',
		` cost: ${costs.length > 0 ? sum(costs) : `0 ${any?.name ?? 'none'}`}`,
		'Subject To',
		...constraints.map((c) => ` ${c.name}: ${sum(c.terms)} ${c.sense} ${c.bound}`),
		'Bounds',
		...integers.map((v) => ` 0 <= ${v.name} <= ${v.max ?? 1000}`),
		'Binary',
		...binaries.map((name) => ` ${name}`),
		'General',
		...integers.map((v) => ` ${v.name}`),
		'End'
	].join('\n');
}
