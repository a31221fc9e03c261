/** What is shown of a candidate, in order; the drawing is the first thing seen. */
export const MATCH_TABS = [
	{ id: 'fit', label: 'Fit' },
	{ id: 'reasons', label: 'Reasons' },
	{ id: 'colour', label: 'Colour' },
	{ id: 'beam', label: 'Beam' },
	{ id: 'heat', label: 'Heat' },
	{ id: 'score', label: 'Score' },
	{ id: 'compare', label: 'Compare' }
] as const;

export type MatchTab = (typeof MATCH_TABS)[number]['id'];

/** The tab of a name, the first when there is none of that name. */
export function tabNamed(name: string | null): MatchTab {
	return MATCH_TABS.find(({ id }) => id === name)?.id ?? MATCH_TABS[0].id;
}
