import type { SymptomId } from '../../model';
import { BEAM_SYMPTOMS, BODY_SYMPTOMS } from './body';
import { DASH_SYMPTOMS } from './dash';
import { FLASHING_SYMPTOMS } from './flashing';
import { LIGHT_SYMPTOMS } from './light';
import type { Symptom } from './symptom';

export type { Look, Place, Symptom } from './symptom';

/** Every symptom, in the order they are chosen from. */
export const SYMPTOMS: readonly Symptom[] = [
	...LIGHT_SYMPTOMS,
	...FLASHING_SYMPTOMS,
	...DASH_SYMPTOMS,
	...BEAM_SYMPTOMS,
	...BODY_SYMPTOMS
];

const BY_ID = new Map(SYMPTOMS.map((symptom) => [symptom.id, symptom]));

/** A symptom by its id. @throws Error for an id that no symptom has, which no caller may pass */
export function symptomOf(id: SymptomId): Symptom {
	const found = BY_ID.get(id);
	if (!found) throw new Error(`no symptom is called ${id}`);
	return found;
}
