import { readNumber } from '$lib/core/quantity';
import type { RecordedFact } from '$lib/core/views';

/** The room of a socket as typed, by fact; text, so that what is half typed is kept. */
export type Room = Record<string, string>;

/** Facts that the room editor changes, with what their fields say. */
export const LENGTHS = [
	['envelope.frontLength', 'Front length', 'free room from the plane to lens or shield'],
	['envelope.frontDiameter', 'Front diameter', 'free room across'],
	['envelope.opening', 'Opening', 'smallest hole the lamp passes'],
	['envelope.rearDepth', 'Depth behind', 'from the plane to the closed cap'],
	['envelope.rearDiameter', 'Diameter behind', 'free room across'],
	['cap.depth', 'Of it in the cap', 'depth inside the cap itself']
] as const;
export const HOLDER = ['envelope.holderLength', 'Holder length', 'between the contacts of a festoon holder'] as const;
export const PICKED = ['envelope.entry', 'retention', 'cap.kind', 'keyAngle'] as const;

/** The room as the record has it. */
export function roomOf(facts: readonly RecordedFact[]): Room {
	const ids: readonly string[] = [...LENGTHS.map(([id]) => id), HOLDER[0], ...PICKED];
	return Object.fromEntries(
		ids.map((id) => {
			const value = facts.find((fact) => fact.id === id)?.value;
			return [id, value === null || value === undefined ? '' : String(value)];
		})
	);
}

/** A typed number; null while it is none. */
export function numberIn(room: Room, id: string): number | null {
	const value = readNumber(room[id] ?? '');
	return value !== null && value >= 0 ? value : null;
}
