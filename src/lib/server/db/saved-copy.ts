/** A backup that was written and opened again. */
export interface SavedCopy {
	file: string;
	bytes: number;
	/** ISO. */
	at: string;
}

/** An instant as it stands in the name of a file. */
export const stamp = (at: Date): string => at.toISOString().replace(/[-:]|\.\d+/g, '');

/** What a copy is called that is made now. */
export const nameOfCopy = (name: string, { ending }: { ending: string }): string =>
	`${name}-${stamp(new Date())}${ending}`;

/** True for the name of a copy, whichever engine made it. */
export const isCopy = (name: string): boolean => /\.(sqlite\.gz|dump)$/.test(name);
