import type { Assumed } from '../../quantity';
import type { BeamEvidence, CheckedRule } from './rule';
import { CHECK_RULES } from './rules';

/** What a beam check comes to: `open` while something was not measured. */
export type CheckOutcome = 'proved' | 'failed' | 'open';

export interface BeamCheck {
	outcome: CheckOutcome;
	rules: CheckedRule[];
}

/** Holds what was found against every rule of the check. One that is not met fails it; one of which nothing is known leaves it open. */
export function beamCheck(evidence: BeamEvidence, assumed: Assumed): BeamCheck {
	const own = evidence.hasCutOff ? 'with-cut-off' : 'without-cut-off';
	const rules = CHECK_RULES.filter(({ asks }) => asks === 'every-lamp' || asks === own).map(
		({ id, label, judge }): CheckedRule => ({ id, label, ...judge(evidence, assumed) })
	);
	const outcome = rules.some(({ isMet }) => isMet === false)
		? 'failed'
		: rules.every(({ isMet }) => isMet === true)
			? 'proved'
			: 'open';
	return { outcome, rules };
}
