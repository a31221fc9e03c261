import type { Configuration } from '../model';

const OTHERS = ['generation', 'body', 'kind', 'market', 'steering'] as const;

function yearsMeet(a: Configuration['years'], b: Configuration['years']): boolean {
	return !a || !b || (a[0] <= b[1] && b[0] <= a[1]);
}

/** True when two configurations of one model have years in common and no other feature that differs. */
export function cannotBeToldApart(a: Configuration, b: Configuration): boolean {
	if (a.make !== b.make || a.model !== b.model || !yearsMeet(a.years, b.years)) return false;
	if (OTHERS.some((field) => a[field] !== b[field])) return false;
	const keys = new Set([...Object.keys(a.options ?? {}), ...Object.keys(b.options ?? {})]);
	return ![...keys].some((key) => JSON.stringify(a.options?.[key]) !== JSON.stringify(b.options?.[key]));
}
