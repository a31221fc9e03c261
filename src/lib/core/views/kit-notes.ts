import type { KitAnswer, KitComplaint, KitMismatch, MissingPieces } from '../kit';
import type { Configuration } from '../model';
import { counted } from '../quantity';
import { complaintName } from '../remedy';
import { outputName, placeText } from '../vehicle';

/** What the circuit says against a kit, in words. */
export function complaintText({ kind, channel, why }: KitComplaint, configuration: Configuration): string {
	return channel ? `${complaintName(kind)}, ${outputName(configuration, channel)}: ${why}` : why;
}

/** Pieces that are not in the kit, in words. */
export function missingText({ name, pieces, why }: MissingPieces): string {
	if (pieces <= 0) return name;
	return `${counted(pieces, 'piece')} of ${name} ${why === 'budget' ? 'beyond the budget' : 'not on the shelf'}`;
}

/** A white that stands out, with the name of its place. */
export function mismatchView(
	configuration: Configuration,
	{ sockets, sight }: KitMismatch
): { place: string; sight: string } {
	const socket = configuration.sockets.find((s) => sockets.includes(s.id));
	return { place: socket ? placeText(socket) : '', sight };
}

/** One thing somebody has to look at and sign for before a kit is checked: told apart by its id. */
export interface SignatureWanted {
	id: string;
	what: string;
}

/** What wants a signature before a kit is checked: checks by hand, complaints of the circuit, whites that stand out, missing consumables. */
export function signaturesWanted(answer: KitAnswer, configuration: Configuration): SignatureWanted[] {
	const { lines, complaints, mismatches, missing } = answer;
	return [
		...lines
			.filter((line) => line.verdict === 'unknown')
			.map((line) => ({
				id: `line ${line.sku}`,
				what: `${line.name}: ${line.check ?? 'wants a check by hand'} (${line.sockets.join(', ')})`
			})),
		...complaints.map((c) => ({ id: `circuit ${c.id}`, what: `Circuit: ${complaintText(c, configuration)}` })),
		...mismatches.map((m) => {
			const { place, sight } = mismatchView(configuration, m);
			return { id: `white ${m.sockets.join()} ${sight}`, what: `${place} stands out in its white (${sight})` };
		}),
		...missing.map((m) => ({ id: `missing ${m.accessory || m.name}`, what: missingText(m) }))
	];
}
