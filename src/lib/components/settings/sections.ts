/** The groups of settings, in the order of the page; the command bar leads to them by these names. */
export const SECTIONS = [
	{ id: 'you', title: 'You' },
	{ id: 'look', title: 'Light and dark' },
	{ id: 'units', title: 'Units, days, market' },
	{ id: 'policy', title: 'Policy of the shop' },
	{ id: 'follow-up', title: 'Asking after' },
	{ id: 'assumptions', title: 'Assumptions' },
	{ id: 'data', title: 'Data and people' }
] as const;

/** Title of a group. */
export const titleOf = (id: (typeof SECTIONS)[number]['id']): string =>
	SECTIONS.find((section) => section.id === id)?.title ?? '';
