import type { ModeState } from '../circuit';
import { fuseSymptom } from './symptoms/fuse';
import { lightSymptom } from './symptoms/light';
import { monitorSymptom } from './symptoms/monitor';
import type { Seen } from './symptoms/symptom';

/** The one list of what shows in a circuit. A new symptom is one file and one entry here. */
const SYMPTOMS = [monitorSymptom, fuseSymptom, lightSymptom] as const;

/** What a complaint is of. */
export type ComplaintKind = (typeof SYMPTOMS)[number]['kinds'][number];

/** Everything to complain of in one mode. */
export function seenIn(state: ModeState): Seen<ComplaintKind>[] {
	return SYMPTOMS.flatMap((symptom): Seen<ComplaintKind>[] => symptom.seenIn(state));
}
