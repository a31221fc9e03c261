import { WORDING, type Words } from '../wording';

/** The six gates, in the order they are looked at. */
export const GATES = ['base', 'size', 'colour', 'electrics', 'heat', 'law'] as const;
export type Gate = (typeof GATES)[number];

/** Levels from best to worst. `unknown` means a fact is missing; it never counts as a pass. */
export const LEVELS = ['pass', 'needs', 'unknown', 'refuse'] as const;
export type Level = (typeof LEVELS)[number];

export type FindingCode = keyof typeof WORDING;

const GATE_OF = Object.fromEntries(
	Object.keys(WORDING).map((code) => [code, code.slice(0, code.indexOf('.'))])
) as Record<FindingCode, Gate>;

/** What would turn a `needs` into a pass. */
export type Remedy =
	| { kind: 'load'; channel: string; duty: number }
	| { kind: 'pwm-module' }
	/** A cap that adds this much depth, mm; `port` is the least hole a driver's plug goes out through. */
	| { kind: 'cap'; extraDepth: number; port?: number }
	| { kind: 'adapter' };

/** One result of a rule. The numbers are in `data`, by code; the words are made from them when somebody reads. */
export interface Finding {
	gate: Gate;
	level: Level;
	code: FindingCode;
	data: unknown;
	source: string;
	remedy?: Remedy;
}

/** Makes a finding; the code decides which numbers it must carry, and its first part is the gate. */
export function finding<C extends FindingCode>(
	level: Level,
	code: C,
	data: Parameters<(typeof WORDING)[C]> extends [] ? null : Parameters<(typeof WORDING)[C]>[0],
	source: string,
	remedy?: Remedy
): Finding {
	const gate = GATE_OF[code];
	return remedy ? { gate, level, code, data, source, remedy } : { gate, level, code, data, source };
}

/** A finding with its words, as it is shown and exchanged. */
export type DescribedFinding = Words & Pick<Finding, 'gate' | 'level' | 'code' | 'source' | 'remedy'>;

/** Puts a finding into words. */
export function describe(f: Finding): DescribedFinding {
	const words = (WORDING[f.code] as (data: unknown) => Words)(f.data);
	const { gate, level, code, source, remedy } = f;
	return remedy ? { gate, level, code, ...words, source, remedy } : { gate, level, code, ...words, source };
}
