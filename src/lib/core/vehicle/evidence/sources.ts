/** Where a fact may come from, strongest first. */
export const EVIDENCE_SOURCES = ['in-hand', 'manual', 'maker', 'listing', 'customer', 'assumed'] as const;
