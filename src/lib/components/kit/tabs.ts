/** What the panel beside the lines of a kit shows, in the order of the work. */
export const KIT_TABS = [
	{ id: 'order', label: 'Order' },
	{ id: 'place', label: 'This socket' },
	{ id: 'open', label: 'Open' },
	{ id: 'weigh', label: 'Compare' },
	{ id: 'release', label: 'Release' },
	{ id: 'papers', label: 'Papers' }
] as const;

export type KitTab = (typeof KIT_TABS)[number]['id'];

/** The tab of a name, the first when there is none of that name. */
export function kitTabNamed(name: string | null): KitTab {
	return KIT_TABS.find(({ id }) => id === name)?.id ?? 'order';
}
