import type { Evidence } from '../../model';

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

/** One piece of evidence in words. @example evidenceText(e) // "measured in hand, 2026-03-02, A. Lindgard" */
export function evidenceText({ source, on, by }: Evidence): string {
	return [WORDS[source], on, by].filter(Boolean).join(', ');
}

/** Where a fact of the vehicle's record comes from, in words. @example recordSourceText(e) // "vehicle record, measured in hand, 2026-03-02" */
export function recordSourceText(best: Evidence | null): string {
	if (!best) return 'vehicle record, no source given, never confirmed';
	const text = `vehicle record, ${evidenceText(best)}`;
	return isConfirming(best) ? text : `${text}, never confirmed`;
}

/** True when a source is good enough to call a fact confirmed: the lamp in the hand, the manual, or the maker's data. */
export function isConfirming({ source }: Pick<Evidence, 'source'>): boolean {
	return source === 'in-hand' || source === 'manual' || source === 'maker';
}
