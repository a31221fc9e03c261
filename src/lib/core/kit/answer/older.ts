import { EMPTY_ANSWER, type KitAnswer, type KitComplaint, type KitMismatch, type MissingPieces } from './answer';

/** Answers were kept with sentences in these places before they were told apart by id. */
interface OlderAnswer extends Omit<KitAnswer, 'complaints' | 'mismatches' | 'missing'> {
	complaints: (KitComplaint | string)[];
	mismatches: (KitMismatch | { place: string; sight: string })[];
	missing: (MissingPieces | string)[];
}

const complaintOf = (kept: KitComplaint | string): KitComplaint =>
	typeof kept === 'string' ? { id: kept, kind: 'message', channel: '', why: kept } : kept;
const mismatchOf = (kept: KitMismatch | { place: string; sight: string }): KitMismatch =>
	'place' in kept ? { sockets: [], sight: `${kept.place}, ${kept.sight}` } : kept;
const missingOf = (kept: MissingPieces | string): MissingPieces =>
	typeof kept === 'string' ? { accessory: '', name: kept, pieces: 0 } : kept;

/** A kept answer as it is read today; what an older one lacks is empty. */
export function readAnswer(kept: unknown): KitAnswer {
	const answer: OlderAnswer = { ...EMPTY_ANSWER, ...(kept as Partial<OlderAnswer>) };
	return {
		...answer,
		complaints: answer.complaints.map(complaintOf),
		mismatches: answer.mismatches.map(mismatchOf),
		missing: answer.missing.map(missingOf)
	};
}
