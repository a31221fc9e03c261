import { inMarket } from '../../lamps';
import { WORDING, type Words } from '../wording';
import { findingSourceText } from '../wording/source';
import type { Finding } from './finding';

/** A finding with its words, as it is shown and exchanged. */
export type DescribedFinding = Words & Pick<Finding, 'gate' | 'level' | 'code' | 'need'> & { source: string };

/** A finding's data with what its output is called in the place of its id. */
function withOutputName(data: Finding['data'], outputs: PlaceWords['outputs']): Finding['data'] {
	const id = data !== null && 'channel' in data ? data.channel : null;
	const name = typeof id === 'string' ? outputs?.get(id) : undefined;
	return name === undefined ? data : ({ ...data, channel: name } as Finding['data']);
}

/** Words of a place: its market's, and what its outputs are called, by id. */
export interface PlaceWords {
	market?: string;
	outputs?: ReadonlyMap<string, string>;
}

/** Puts a finding into words, those of a place where one is given. */
export function describe(found: Finding, { market, outputs }: PlaceWords = {}): DescribedFinding {
	const { gate, level, code, need } = found;
	const words = (WORDING[code] as (data: Finding['data']) => Words)(withOutputName(found.data, outputs));
	const say = (text: string) => (market === undefined ? text : inMarket(text, market));
	const described = {
		gate,
		level,
		code,
		measured: say(words.measured),
		required: say(words.required),
		why: say(words.why),
		source: findingSourceText(found.source, outputs)
	};
	return need ? { ...described, need } : described;
}
