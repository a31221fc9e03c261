import type { FunctionId } from './functions';

/** Lamps seen at the same time and place, so that a difference of their whites shows. */
interface Sight {
	name: string;
	functions: readonly FunctionId[];
}

/** What lights together and is seen side by side. A new sight is one entry here. */
const SIGHTS: readonly Sight[] = [
	{ name: 'front, lights on', functions: ['low-beam', 'high-beam', 'front-position', 'fog', 'cornering'] },
	{ name: 'front, by day', functions: ['drl', 'front-position'] },
	{ name: 'rear, reversing', functions: ['reverse', 'licence-plate'] },
	{
		name: 'cabin, doors open',
		functions: ['dome', 'map', 'vanity', 'footwell', 'door', 'glovebox', 'luggage', 'cargo', 'ambient', 'step']
	},
	{ name: 'dash, lights on', functions: ['cluster-backlight', 'switch-backlight'] }
];

/** Where two sockets' white lights are seen side by side, or null when they never are. */
export function seenTogether(a: readonly FunctionId[], b: readonly FunctionId[]): string | null {
	const both = SIGHTS.find(
		({ functions }) => a.some((id) => functions.includes(id)) && b.some((id) => functions.includes(id))
	);
	return both?.name ?? null;
}
