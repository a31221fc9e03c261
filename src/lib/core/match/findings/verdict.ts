import { LEVELS, type Finding, type Gate, type Level } from './finding';

/** What the findings of one product in one socket add up to. */
export type Verdict = 'fits' | 'parts' | 'unknown' | 'refused';

/** Verdicts from best to worst. */
export const VERDICTS: readonly Verdict[] = ['fits', 'parts', 'unknown', 'refused'];

/** The verdict a single finding of a level would give. */
export const VERDICT_OF: Record<Level, Verdict> = {
	pass: 'fits',
	needs: 'parts',
	unknown: 'unknown',
	refuse: 'refused'
};

/** The worst of some levels; `unknown` when there are none, since nothing looked at is not a pass. */
export function worstLevel(findings: readonly Pick<Finding, 'level'>[]): Level {
	if (findings.length === 0) return 'unknown';
	const worst = findings.reduce((rank, f) => Math.max(rank, LEVELS.indexOf(f.level)), 0);
	return LEVELS[worst] ?? 'unknown';
}

/** The verdict of a set of findings: their worst level. */
export function verdictOf(findings: readonly Pick<Finding, 'level'>[]): Verdict {
	return VERDICT_OF[worstLevel(findings)];
}

/** The worst level of one gate. */
export function gateLevel(findings: readonly Pick<Finding, 'level' | 'gate'>[], gate: Gate): Level {
	return worstLevel(findings.filter((f) => f.gate === gate));
}

/** The worse of two verdicts. */
export function worseVerdict(a: Verdict, b: Verdict): Verdict {
	return VERDICTS.indexOf(a) >= VERDICTS.indexOf(b) ? a : b;
}
