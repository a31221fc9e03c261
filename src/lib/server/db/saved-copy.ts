/** A backup that was written and opened again. */
export interface SavedCopy {
	file: string;
	bytes: number;
	/** ISO. */
	at: string;
}

/** An instant as it stands in the name of a file. */
export const stamp = (at: Date): string => at.toISOString().replace(/[-:]|\.\d+/g, '');
