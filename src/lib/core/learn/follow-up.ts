import { monthsAfter } from '../quantity';

/** Months after which a shop asks how a kit does, until it sets its own. */
export const USUAL_FOLLOW_UPS: readonly number[] = [1, 6, 12];

/** A finished fitting, as far as it is asked after. */
export interface Asked {
	id: string;
	/** Day it was finished. */
	on: string;
}

/** A question that is due. */
export interface DueFollowUp<F extends Asked> {
	fitting: F;
	months: number;
	due: string;
}

/**
 * Questions that are due by a day, the longest overdue first. Of several that nobody asked, only the last is: what was to be asked after a month is
 * past when half a year is over.
 * @param answered months that were asked after, by fitting
 */
export function dueFollowUps<F extends Asked>(
	fittings: readonly F[],
	{
		months,
		answered,
		today
	}: { months: readonly number[]; answered: ReadonlyMap<string, readonly number[]>; today: string }
): DueFollowUp<F>[] {
	const order = [...months].sort((a, b) => a - b);
	return fittings
		.flatMap((fitting): DueFollowUp<F>[] => {
			const done = Math.max(0, ...(answered.get(fitting.id) ?? []));
			const due = order
				.filter((month) => month > done)
				.map((month) => ({ fitting, months: month, due: monthsAfter(fitting.on, month) }))
				.filter((one) => one.due <= today)
				.at(-1);
			return due ? [due] : [];
		})
		.sort((a, b) => a.due.localeCompare(b.due));
}
