import type { Cover } from '../cover';
import { serves } from '../questions';
import { draftProduct, leastWatts, type Draft } from './draft';
import { weightIn, type Group } from './groups';
import { Trial } from './trial';
import type { Unmet } from './unmet';

/** Powers by which the most places are served, W at 13.5 V. */
export interface PowerBand {
	low: number;
	high: number;
	/** Weight of the places whose monitors are content by it, without a load beside the lamp. */
	withoutLoads: number;
}

const STEPS = 24;
const FITS = 0;

/** Powers worth a trial: from what the light takes to what the filament lamp took, W. */
function powersFor(draft: Draft): number[] {
	const least = leastWatts(draft);
	const most = Math.max(least, draft.category.watts ?? least);
	const steps = Array.from(
		{ length: STEPS },
		(_, i) => Math.round(10 * (least + ((most - least) * i) / (STEPS - 1))) / 10
	);
	return [...new Set(steps)];
}

/** The power that serves the most places of a group, of these the one by which the most fit as they are; and what is served by it. */
export function powerFor(cover: Cover, { draft, places }: Group): { watts: number; band: PowerBand; places: Unmet[] } {
	const powers = powersFor(draft);
	const trial = new Trial(
		cover,
		powers.map((watts) => draftProduct({ ...draft, watts }))
	);
	const codes = new Map(places.map((unmet) => [unmet, trial.codes(unmet.place)]));
	const at = powers.map((watts, i) => {
		const served = places.filter((unmet) => serves(codes.get(unmet)?.[i] ?? Infinity));
		const fits = served.filter((unmet) => codes.get(unmet)?.[i] === FITS);
		return { watts, served, servedWeight: weightIn(served), fitsWeight: weightIn(fits) };
	});
	const best = at.reduce((a, b) =>
		b.servedWeight > a.servedWeight || (b.servedWeight === a.servedWeight && b.fitsWeight > a.fitsWeight) ? b : a
	);
	const alike = at.filter(
		({ servedWeight, fitsWeight }) => servedWeight === best.servedWeight && fitsWeight === best.fitsWeight
	);
	return {
		watts: best.watts,
		band: { low: best.watts, high: alike.at(-1)?.watts ?? best.watts, withoutLoads: best.fitsWeight },
		places: best.served
	};
}
