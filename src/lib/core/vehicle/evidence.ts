import type { Evidence } from '../exchange';
import { EVIDENCE_SOURCES } from './evidence-sources';

const WORDS: Record<Evidence['source'], string> = {
	'in-hand': 'measured in hand',
	manual: 'manual',
	maker: "maker's data",
	listing: 'listing',
	customer: 'customer',
	assumed: 'assumed'
};

/** A source in words. */
export function sourceWord(source: Evidence['source']): string {
	return WORDS[source];
}

/** The strongest evidence for a fact, newest first among equals; null when nobody said where it comes from. */
export function evidenceFor(evidence: readonly Evidence[] | undefined, fact: string): Evidence | null {
	const said = (evidence ?? []).filter((item) => item.fact === fact);
	const strength = (item: Evidence) => EVIDENCE_SOURCES.indexOf(item.source);
	said.sort((a, b) => strength(a) - strength(b) || (b.on ?? '').localeCompare(a.on ?? ''));
	return said[0] ?? null;
}

/** One piece of evidence in words. @example evidenceText(e) // "measured in hand, 2026-03-02, A. Lindgard" */
export function evidenceText({ source, on, by }: Evidence): string {
	return [WORDS[source], on, by].filter(Boolean).join(', ');
}

/** Where a fact comes from, in words. @example sourceText(e, 'category') // "measured in hand, 2026-03-02" */
export function sourceText(evidence: readonly Evidence[] | undefined, fact: string): string {
	const best = evidenceFor(evidence, fact);
	if (!best) return 'vehicle record, no source given';
	return ['vehicle record', evidenceText(best)].join(', ');
}
