import { factOf, type Evidence, type SubjectKind } from '../../model';
import { agree, valueAt, withValueAt } from './path';
import { liveEvidence } from './strength';

/** A thing of the record that carries facts and where they come from. */
export interface Subject {
	evidence?: Evidence[];
}

/** Evidence with the value on record made plain, so that a new claim cannot make it vanish. */
function withValueKept(
	evidence: readonly Evidence[],
	{ fact, value, tolerance }: { fact: string; value: unknown; tolerance?: number }
): Evidence[] {
	if (value === undefined || evidence.some((e) => e.fact === fact && agree(e.value, value, tolerance)))
		return [...evidence];
	const vouching = liveEvidence(evidence, fact).find((e) => e.value === undefined);
	if (vouching?.fact === fact) return evidence.map((e) => (e === vouching ? { ...e, value } : e));
	const kept: Evidence = vouching
		? { ...vouching, fact, value }
		: { fact, value, source: 'assumed', note: 'on record without a source' };
	return [...evidence, kept];
}

/** True when `next` puts right what the same person said from the same source on the same day. */
function corrects(next: Evidence, earlier: Evidence): boolean {
	return (
		earlier.fact === next.fact &&
		earlier.source === next.source &&
		earlier.by === next.by &&
		earlier.on === next.on &&
		next.by !== undefined
	);
}

/**
 * Takes a claim about a fact into the evidence, and lets the strongest, newest one be the value in force. What was on record is
 * kept as evidence of its own. Somebody's second word of the same day from the same source replaces the first: a slip, not a doubt.
 */
export function claim<T extends object & Subject>(kind: SubjectKind, subject: T, item: Evidence): T {
	const { tolerance } = factOf(kind, item.fact);
	const before = valueAt(subject, item.fact);
	const earlier = subject.evidence ?? [];
	const kept = agree(before, item.value, tolerance)
		? earlier
		: withValueKept(earlier, { fact: item.fact, value: before, tolerance });
	const evidence = [...kept.filter((other) => !corrects(item, other)), item];
	const inForce = liveEvidence(evidence, item.fact).find((e) => e.fact === item.fact && e.value !== undefined);
	return { ...withValueAt(subject, item.fact, inForce?.value), evidence };
}
