import type { SocketDraft, WalkContext } from '../draft';
import { notFitted } from './not-fitted';
import { alreadyListed } from './already-listed';
import { beamLampElsewhere } from './beam-lamp-elsewhere';
import type { Check } from './check';
import { cornerLamp } from './corner-lamp';
import { festoonHeadlamp } from './festoon-headlamp';
import { highStopCargo } from './high-stop-cargo';
import { lensColour } from './lens-colour';
import { oddZone } from './odd-zone';
import { oneFilament } from './one-filament';
import { marketWords } from './market-words';
import { positionInTheBowl } from './position-in-the-bowl';
import { saidOfTheLamp } from './said-of-the-lamp';
import { tooManyFunctions } from './too-many-functions';
import { unusualMeasure } from './unusual-measure';

/** Every check of a place. A new one is a file here and an entry in this list. */
const CHECKS: readonly Check[] = [
	alreadyListed,
	oddZone,
	tooManyFunctions,
	oneFilament,
	festoonHeadlamp,
	saidOfTheLamp,
	lensColour,
	cornerLamp,
	marketWords,
	highStopCargo,
	beamLampElsewhere,
	positionInTheBowl,
	unusualMeasure
];

/** What all checks have to say of a place. */
export function checkDraft(
	draft: SocketDraft,
	context: WalkContext,
	line = ''
): { impossible: string[]; doubts: string[] } {
	const checks = draft.absent ? [notFitted] : CHECKS;
	const remarks = checks.flatMap((check) => check(draft, context, line.toLowerCase()) ?? []);
	const texts = (level: 'impossible' | 'doubt') => remarks.flatMap((r) => (r.level === level ? [r.text] : []));
	return { impossible: texts('impossible'), doubts: texts('doubt') };
}
