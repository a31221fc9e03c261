/** An instant as it stands in the name of a file. */
export const stamp = (at: Date): string => at.toISOString().replace(/[-:]|\.\d+/g, '');
