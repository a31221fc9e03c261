/** Headings of the command bar, in their order. */
export const GROUPS = ['Recent', 'Found', 'This vehicle', 'Go to', 'Do', 'Settings'] as const;
export type Group = (typeof GROUPS)[number];

/** Where a person stands: what of the page's address a command may use. */
export interface CommandPlace {
	/** The vehicle at hand, its socket and its kit; undefined where there is none. */
	vehicle?: string | undefined;
	socket?: string | undefined;
	kit?: string | undefined;
}

/** What a command does without leaving the page. */
export const DEEDS = ['light', 'dark', 'system', 'undo', 'redo', 'print', 'help', 'keys', 'words'] as const;
export type Deed = (typeof DEEDS)[number];

/** One thing the command bar offers: a page, or a deed. */
export interface Command {
	id: string;
	group: Exclude<Group, 'Recent' | 'Found'>;
	/** What it opens or does, as it stands in the list. */
	words: string;
	/** Other words people type for it. */
	also?: string;
	/** Route it opens, and the address of it where a person stands; null where it makes no sense. */
	route?: string;
	href?: (place: CommandPlace) => string | null;
	deed?: Deed;
}
