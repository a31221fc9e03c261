import type { Socket } from '../model';
import type { StepDrawing } from './step';

const CLOCK = /\b(1[0-2]|[1-9])(?::([0-5]\d))?\s*o['’]?\s*clock\b|\b(1[0-2]|[1-9]):([0-5]\d)\b/i;

/** The mark of a holder drawn on the clock face, where its orientation is given as a time; null where it is given otherwise, or not at all. */
export function holderMark({ orientation = '' }: Pick<Socket, 'orientation'>): StepDrawing | null {
	const found = CLOCK.exec(orientation);
	const hours = Number(found?.[1] ?? found?.[3]);
	if (!found || !Number.isFinite(hours)) return null;
	return { kind: 'mark', at: ((hours % 12) + Number(found[2] ?? found[4] ?? 0) / 60) * 30 };
}
