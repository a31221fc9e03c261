import type { SymptomId } from '$lib/core/model';

/** Groups of symptoms, in the order they are asked. */
export const GROUP_WORDS = {
	light: 'Light',
	flashing: 'Flashing',
	dash: 'Dash, fuse, radio',
	beam: 'Beam and colour',
	body: 'Lamp and lamp unit'
} as const;

/** A symptom to choose. */
export interface Choice {
	id: SymptomId;
	label: string;
	group: keyof typeof GROUP_WORDS;
	/** Modes it is usually seen in, the likeliest first. */
	modes: readonly string[];
}

/** A symptom that was chosen. `place`: empty, a side, or `socket:` and its id. */
export interface PickedSighting {
	key: number;
	symptom: SymptomId;
	mode: string;
	place: string;
}

/** The list with one more, at the mode it is usually seen in. */
export function addSighting(
	picked: readonly PickedSighting[],
	{ id, modes: usual }: Choice,
	modes: readonly { id: string }[]
): PickedSighting[] {
	const key = 1 + Math.max(0, ...picked.map((one) => one.key));
	const mode = usual.find((one) => modes.some((known) => known.id === one)) ?? '';
	return [...picked, { key, symptom: id, mode, place: '' }];
}
