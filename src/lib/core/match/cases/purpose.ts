import { categoryOrNull, isBeam, type FunctionId } from '../../lamps';
import type { Product, Purpose } from '../../model';

/** White at or below this is a weather white, K. */
const WEATHER_K = 3300;

/** Words of the category table for lamps that throw a beam. */
const BEAM_USES = /beam|fog|driving/;

/** What a lamp is made for: as its maker says, or what its kind is usually for. */
export function purposeOf({ purpose, fits, colour }: Pick<Product, 'purpose' | 'fits' | 'colour'>): readonly Purpose[] {
	if (purpose) return purpose;
	if (colour?.kind === 'amber' || colour?.kind === 'red') return ['signal'];
	const categories = fits.flatMap((name) => categoryOrNull(name) ?? []);
	const beam = categories.some((c) => c.mount === 'flange' && c.functions.some((use) => BEAM_USES.test(use)));
	if (!beam) return ['signal', 'cabin'];
	const weather = colour?.kind === 'selective-yellow' || (colour?.cct !== undefined && colour.cct <= WEATHER_K);
	return weather ? ['weather'] : ['beam'];
}

/** True for a lamp of a weather colour where a headlamp throws its beam: nobody puts it there unasked. */
export function isWeatherInBeam(product: Product, functions: readonly FunctionId[]): boolean {
	const headlamp = isBeam(functions) && !functions.includes('fog');
	const purpose = purposeOf(product);
	return headlamp && purpose.includes('weather') && !purpose.includes('beam');
}
