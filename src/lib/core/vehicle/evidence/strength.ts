import { type Evidence, EVIDENCE_SOURCES } from '../../model';

/** True when evidence about `said` speaks of the fact `asked`: the same one, one of its parts, or the whole it belongs to. */
export function speaksOf(claimed: string, asked: string): boolean {
	return claimed === asked || claimed.startsWith(`${asked}.`) || asked.startsWith(`${claimed}.`);
}

/** Negative when `a` is the stronger evidence: the better source, the newer one among equals. */
export function compareStrength(a: Evidence, b: Evidence): number {
	return (
		EVIDENCE_SOURCES.indexOf(a.source) - EVIDENCE_SOURCES.indexOf(b.source) || (b.on ?? '').localeCompare(a.on ?? '')
	);
}

/** Evidence for a fact that nobody has overruled, strongest first; among equals the one written last. */
export function liveEvidence(evidence: readonly Evidence[] | undefined, fact: string): Evidence[] {
	return (evidence ?? [])
		.filter((item) => !item.overruled && speaksOf(item.fact, fact))
		.reverse()
		.sort(compareStrength);
}

/** The strongest evidence for a fact, newest first among equals; null when nobody said where it comes from. */
export function evidenceFor(evidence: readonly Evidence[] | undefined, fact: string): Evidence | null {
	return liveEvidence(evidence, fact)[0] ?? null;
}
