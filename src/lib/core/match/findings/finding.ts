import type { Need } from '../../accessories';
import { WORDING } from '../wording';
import type { FindingSource } from './source';

/** The six gates, in the order they are looked at. */
export const GATES = ['base', 'size', 'colour', 'electrics', 'heat', 'law'] as const;
export type Gate = (typeof GATES)[number];

/** Levels from best to worst. `unknown` means a fact is missing; it never counts as a pass. */
export const LEVELS = ['pass', 'needs', 'unknown', 'refuse'] as const;
export type Level = (typeof LEVELS)[number];

export type FindingCode = keyof typeof WORDING;

/** The numbers and names a finding of a code carries, thresholds included; null where the code says it all. */
export type FindingData<C extends FindingCode> =
	Parameters<(typeof WORDING)[C]> extends [] ? null : Parameters<(typeof WORDING)[C]>[0];

/** One result of a rule with a given code. The words are made from the numbers when somebody reads. */
export interface FindingOf<C extends FindingCode> {
	gate: Gate;
	level: Level;
	code: C;
	data: FindingData<C>;
	source: FindingSource;
	need?: Need;
}

/** One result of a rule: a union on `code`, each with its own numbers. */
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];

const GATE_OF = Object.fromEntries(
	Object.keys(WORDING).map((code) => [code, code.slice(0, code.indexOf('.'))])
) as Record<FindingCode, Gate>;

/** Makes a finding; the code decides which numbers it must carry, and its first part is the gate. */
export function finding<C extends FindingCode>(
	code: C,
	data: FindingData<C>,
	{ level, source, need }: { level: Level; source: FindingSource; need?: Need }
): Finding {
	const made: FindingOf<C> = { gate: GATE_OF[code], level, code, data, source };
	return (need ? { ...made, need } : made) as Finding;
}
