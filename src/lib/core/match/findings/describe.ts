import { inMarket } from '../../lamps';
import { WORDING, type Words } from '../wording';
import { findingSourceText } from '../wording/source';
import type { Finding } from './finding';

/** A finding with its words, as it is shown and exchanged. */
export type DescribedFinding = Words & Pick<Finding, 'gate' | 'level' | 'code' | 'need'> & { source: string };

/** Puts a finding into words, those of a market where one is given. */
export function describe(found: Finding, market?: string): DescribedFinding {
	const { gate, level, code, need } = found;
	const words = (WORDING[code] as (data: Finding['data']) => Words)(found.data);
	const say = (text: string) => (market === undefined ? text : inMarket(text, market));
	const described = {
		gate,
		level,
		code,
		measured: say(words.measured),
		required: say(words.required),
		why: say(words.why),
		source: findingSourceText(found.source)
	};
	return need ? { ...described, need } : described;
}
