import { SALE_STATES } from '../sale';

/** What kinds of work wait for a person. */
export const WAITING_KINDS = [
	'message',
	'hand-over',
	'quote',
	'kit',
	'broken',
	'complaint',
	'question',
	'walk'
] as const;
export type WaitingKind = (typeof WAITING_KINDS)[number];

/** One thing that wants a person today. */
export interface Waiting {
	kind: WaitingKind;
	/** What it is about: the id of the kit, sale, complaint or vehicle; for a question, told apart by `question`. */
	id: string;
	/** The fact that a question is about. */
	question?: { kind: string; subject: string; fact: string };
	/** The vehicle it belongs to; null where there is none. */
	vehicle: string | null;
	/** What to do, and what stands behind it. */
	title: string;
	detail: string;
	/** Money that waits for it, minor units; 0 where nobody can say. */
	worth: number;
	/** Day by which it wants doing, or since when it waits; null where neither is known. */
	day: string | null;
	/** True while somebody outside the shop waits, or time runs out. */
	isPressing: boolean;
}

/** What presses first, then what most money waits for, then what waits longest. */
export function byWorth(a: Waiting, b: Waiting): number {
	return (
		Number(b.isPressing) - Number(a.isPressing) ||
		b.worth - a.worth ||
		(a.day ?? '9').localeCompare(b.day ?? '9') ||
		a.id.localeCompare(b.id)
	);
}

/** Sales that wait for the shop. */
export const OPEN_SALES = SALE_STATES.filter(
	(state) => state === 'quoted' || state === 'ordered' || state === 'picked'
);
