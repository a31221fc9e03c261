import type { CoverTools } from './tools';

/** Values that a filter can have. */
export interface FilterValues {
	makes: string[];
	kinds: string[];
	markets: string[];
}

/** Makes, kinds and markets of the fleet, by name. */
export function values({ cover }: CoverTools): FilterValues {
	const of = (fact: 'make' | 'kind' | 'market') =>
		[...new Set(cover.vehicles.map(({ facts }) => facts[fact] as string))].sort((a, b) => a.localeCompare(b));
	return { makes: of('make'), kinds: of('kind'), markets: of('market') };
}
