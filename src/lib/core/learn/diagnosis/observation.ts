import { isMode, MODE_IDS, modeLabel, MODES, type ModeId } from '../../circuit';
import { isSymptomId, type Configuration, type Sighting, type SymptomId } from '../../model';
import { socketName } from '../../vehicle';
import { symptomOf, type Place } from '../symptoms';

/** Something that was seen, or looked for and not seen. */
export interface Observation {
	symptom: SymptomId;
	/** Null where nobody said in which mode. */
	mode: ModeId | null;
	place: Place;
	absent: boolean;
}

/** What a complaint says, as far as this code knows its words. */
export function observationsOf(seen: readonly Sighting[]): Observation[] {
	return seen.flatMap(({ symptom, mode, socket, side, absent = false }): Observation[] => {
		if (!isSymptomId(symptom) || (mode !== undefined && !isMode(mode))) return [];
		return [{ symptom, mode: mode ?? null, place: { socket, side }, absent }];
	});
}

/** Where, in words; empty for anywhere. */
export function placeWords(configuration: Configuration, { socket: id, side }: Place): string {
	const socket = configuration.sockets.find((one) => one.id === id);
	if (socket) return socketName(socket);
	return side === undefined ? '' : `on the ${side}`;
}

/** An observation in words. @example "Left turn: flashes too fast, on the left" */
export function observationWords(configuration: Configuration, { symptom, mode, place, absent }: Observation): string {
	const where = placeWords(configuration, place);
	const label = symptomOf(symptom).label.toLowerCase();
	const what = `${absent ? 'not: ' : ''}${label}${where ? `, ${where}` : ''}`;
	return mode === null ? what.charAt(0).toUpperCase() + what.slice(1) : `${modeLabel(MODES[mode])}: ${what}`;
}

const overlaps = (a: Place, b: Place): boolean =>
	(a.socket === undefined || b.socket === undefined || a.socket === b.socket) &&
	(a.side === undefined || b.side === undefined || a.side === b.side);

const FAULTLESS: SymptomId = 'fine';
/** Pairs that cannot both be at one lamp at one time. */
const EXCLUDE: readonly (readonly [SymptomId, SymptomId])[] = [
	['not-lit', 'dim'],
	['not-lit', 'flicker'],
	['hyperflash', 'no-flash'],
	['hyperflash', 'slow-flash'],
	['hyperflash', 'hyperflash-later']
];

function contradict(a: Observation, b: Observation): boolean {
	if (a.mode !== b.mode || !overlaps(a.place, b.place)) return false;
	if (a.symptom === b.symptom) return a.absent !== b.absent;
	if (a.absent || b.absent) return false;
	if (a.symptom === FAULTLESS || b.symptom === FAULTLESS) return true;
	if (a.place.socket === undefined || b.place.socket === undefined)
		if (!symptomOf(a.symptom).label.includes('lash')) return false;
	return EXCLUDE.some((pair) => pair.includes(a.symptom) && pair.includes(b.symptom));
}

/** What cannot all be so, in words: both are kept, and each counts. */
export function contradictions(configuration: Configuration, observations: readonly Observation[]): string[] {
	return observations.flatMap((a, i) =>
		observations
			.slice(i + 1)
			.filter((b) => contradict(a, b))
			.map(
				(b) =>
					`“${observationWords(configuration, a)}” and “${observationWords(configuration, b)}” cannot both be: ask again.`
			)
	);
}

/** Modes an observation may have been made in. */
export const modesOf = ({ symptom, mode }: Observation): readonly ModeId[] =>
	mode === null ? (symptomOf(symptom).modes ?? MODE_IDS) : [mode];
