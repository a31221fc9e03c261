import { isBeam, categoryOrNull, isTwinContact, lampFunction } from '../lamps';
import type { SocketDraft } from './draft';

/** What a match would need to know of a place and nobody has said, in words. */
export function missingOf({ functions, facts, absent }: SocketDraft): string[] {
	if (functions.length === 0 || absent || (facts.state !== undefined && facts.state !== 'filament')) return [];
	const category = categoryOrNull(facts.category as string | undefined);
	const beam = isBeam(functions);
	const cluster = functions.every((id) => lampFunction(id).group === 'cluster');
	const wanted: [missing: boolean, word: string][] = [
		[facts.category === undefined, 'lamp category'],
		[facts.lens === undefined && !cluster, 'lens colour'],
		[facts.optic === undefined && beam, 'optic'],
		[facts['envelope.frontLength'] === undefined && category?.mount !== 'festoon', 'room in front'],
		[facts['envelope.holderLength'] === undefined && category?.mount === 'festoon', 'holder length'],
		[facts['envelope.rearDepth'] === undefined && beam, 'room behind'],
		[facts.keyAngle === undefined && beam, 'key angle'],
		[facts.wiring === undefined && (category?.caps.some(isTwinContact) ?? false), 'wiring of the twin contacts']
	];
	return wanted.flatMap(([missing, word]) => (missing ? [word] : []));
}
