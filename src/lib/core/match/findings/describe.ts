import { WORDING, type Words } from '../wording';
import { findingSourceText } from '../wording/source';
import type { Finding } from './finding';

/** A finding with its words, as it is shown and exchanged. */
export type DescribedFinding = Words & Pick<Finding, 'gate' | 'level' | 'code' | 'need'> & { source: string };

/** Puts a finding into words. */
export function describe(found: Finding): DescribedFinding {
	const { gate, level, code, need } = found;
	const words = (WORDING[code] as (data: Finding['data']) => Words)(found.data);
	const described = { gate, level, code, ...words, source: findingSourceText(found.source) };
	return need ? { ...described, need } : described;
}
