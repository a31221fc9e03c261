import { categoryOrNull, type LampCategory } from '../../lamps';
import { RULE_IDS, type PlaceFact, type RuleId } from '../../match';
import type { Cover } from '../cover';
import type { Place } from '../engine';
import { serves } from '../questions';
import { COLOURS, coolingsFor, draftProduct, type Draft } from './draft';
import { Trial } from './trial';
import type { Unmet } from './unmet';

/** Fluxes that are tried, over that of the filament lamp: behind a lens of its own colour an LED needs much less. */
const LIGHTS = [1, 0.85, 1.2, 0.7, 0.5, 1.5, 0.35, 2, 0.25] as const;

/** Unmet places that one kind of lamp could serve, but for its power and its size. */
export interface Group {
	draft: Draft;
	places: readonly Unmet[];
}

/** A fact of a place, as one of its rules reads it. */
export function factIn({ views }: Pick<Cover, 'views'>, place: Place, [rule, fact]: [RuleId, PlaceFact]): unknown {
	return views[place.views[RULE_IDS.indexOf(rule)] ?? -1]?.view[fact];
}

/** What a lamp has to be like for a place before anything is tried. */
interface Wish {
	category: LampCategory;
	wiring: Draft['wiring'];
	voltage: number;
	length: number | undefined;
}

/** A supply nobody knows is tried as the usual one; the rules say that it is not known. */
const USUAL_V = 12;

function wishOf(cover: Cover, { place: number }: Unmet): Wish | null {
	const place = cover.places[number];
	const category = place && categoryOrNull(place.category);
	const voltage = place && factIn(cover, place, ['electrics/supply', 'voltage']);
	if (!category) return null;
	const wiring = factIn(cover, place, ['base/twin-contact', 'wiring']);
	const holder = factIn(cover, place, ['base/festoon', 'holderLength']);
	const isFestoon = category.mount === 'festoon';
	return {
		category,
		wiring: wiring === 'standard' || wiring === 'crossed' ? wiring : 'both',
		voltage: typeof voltage === 'number' ? voltage : USUAL_V,
		length: isFestoon ? (typeof holder === 'number' ? holder : category.length) : undefined
	};
}

const weightIn = (places: readonly Unmet[]) => places.reduce((sum, { weight }) => sum + weight, 0);

/** Lamps of one wish that differ in light alone. */
type Family = readonly Draft[];

const familiesOf = (wish: Wish): Family[] =>
	COLOURS.flatMap((colour) =>
		coolingsFor(wish.category).map((cooling) => LIGHTS.map((light): Draft => ({ ...wish, colour, cooling, light })))
	);

/** What of some places a lamp could serve, and why it could not serve the others. */
export interface Sorted {
	groups: Group[];
	never: { unmet: Unmet; nearest: Draft }[];
}

/** Places of one wish by the colour and the light that serve the most of them, until nothing more can be served. */
function byLight(cover: Cover, wish: Wish, places: readonly Unmet[]): Sorted {
	const families = familiesOf(wish);
	const drafts = families.flat();
	const trial = new Trial(cover, drafts.map(draftProduct));
	const codes = new Map(places.map((unmet) => [unmet, trial.codes(unmet.place)]));
	const groups: Group[] = [];
	families.forEach((family, f) => {
		const isServedBy = (unmet: Unmet, i: number) => serves(codes.get(unmet)?.[f * LIGHTS.length + i] ?? Infinity);
		let left = places.filter((unmet) => family.some((_, i) => isServedBy(unmet, i)));
		while (left.length > 0) {
			const by = family.map((draft, i) => ({ draft, places: left.filter((unmet) => isServedBy(unmet, i)) }));
			const best = by.reduce((a, b) => (weightIn(b.places) > weightIn(a.places) ? b : a));
			if (best.places.length === 0) break;
			groups.push(best);
			for (const unmet of best.places) codes.delete(unmet);
			left = left.filter((unmet) => codes.has(unmet));
		}
	});
	const never = [...codes.keys()].map((unmet) => ({
		unmet,
		nearest: drafts[trial.nearest(unmet.place, LIGHTS.length)] as Draft
	}));
	return { groups, never };
}

/** Unmet places by the lamp that could serve them: category, colour, wiring, light; and what no lamp could serve. */
export function groupsOf(cover: Cover, unmet: readonly Unmet[]): Sorted {
	const wishes = new Map<string, { wish: Wish; places: Unmet[] }>();
	for (const one of unmet) {
		const wish = wishOf(cover, one);
		if (!wish) continue;
		const key = [wish.category.category, wish.wiring, wish.voltage, wish.length].join();
		const known = wishes.get(key) ?? { wish, places: [] };
		known.places.push(one);
		wishes.set(key, known);
	}
	const sorted = [...wishes.values()].map(({ wish, places }) => byLight(cover, wish, places));
	return { groups: sorted.flatMap(({ groups }) => groups), never: sorted.flatMap(({ never }) => never) };
}

export { weightIn };
