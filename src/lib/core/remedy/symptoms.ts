import type { ModeState } from '../circuit';
import { fuseSymptom } from './symptoms/fuse';
import { lightSymptom } from './symptoms/light';
import { monitorSymptom } from './symptoms/monitor';
import { unsettledSymptom } from './symptoms/unsettled';
import type { Seen, Symptom } from './symptoms/symptom';

/** The one list of what shows in a circuit. A new symptom is one file and one entry here. */
const SYMPTOMS = [monitorSymptom, fuseSymptom, lightSymptom, unsettledSymptom] as const;

type KindOf<S> = S extends Symptom<infer K> ? K : never;

/** What a complaint is of. */
export type ComplaintKind = KindOf<(typeof SYMPTOMS)[number]>;

const NAMES = Object.assign({}, ...SYMPTOMS.map(({ names }) => names)) as Record<ComplaintKind, string>;

/** What a complaint is called in a sentence. */
export const complaintName = (kind: ComplaintKind): string => NAMES[kind];

/** Everything to complain of in one mode. */
export function seenIn(state: ModeState): Seen<ComplaintKind>[] {
	return SYMPTOMS.flatMap((symptom): Seen<ComplaintKind>[] => symptom.seenIn(state));
}
