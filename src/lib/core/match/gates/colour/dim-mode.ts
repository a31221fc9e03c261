import { filamentOf, lampFunction } from '../../../lamps';
import type { Product } from '../../../model';
import { filamentSource } from '../../../optics';
import { finding } from '../../findings/finding';
import { CATEGORY_TABLE, MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** Share of the dim filament's light below which the dim function is lost, and above which only a comparison can tell. Assumptions. */
const LOST = 0.4;
const TOO_BRIGHT = 4;
/** A signal has to stand out from the dim light of the same lamp this many times; filament lamps give about 12. An assumption. */
const STANDS_OUT = 5;

/** Flux of the dim mode by its share of the power, lm, where nobody states it: chips give nearly the same light from each watt. */
function byPower({ power }: Product, lumens: number | undefined): number | undefined {
	const { at13v5, minor } = power ?? {};
	return lumens === undefined || minor === undefined || !at13v5 ? undefined : (lumens * minor) / at13v5;
}

/** The dim mode of a lamp that serves two functions: enough light of its own, and the bright mode well above it. */
export const dimModeRule: Rule = (
	{ socket, category, lens, outside, through },
	{ product, lamp, light, minorLight, flux }
) => {
	const { functions } = socket;
	if (lamp === 'filament' || !outside || !lens || functions.length < 2 || category.filaments !== 2) return null;
	const dim = functions.find((id) => filamentOf(functions, id) === 'minor');
	if (dim === undefined) return null;
	if (!product.modes?.some((mode) => mode !== 'single')) return null; // the functions rule refuses it
	const own = product.flux?.minor ?? byPower(product, flux?.lumens);
	if (own === undefined)
		return finding('colour.dim.unknown', { function: dim, whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (category.lumensMinor === undefined)
		return finding(
			'colour.dim.unknown',
			{ function: dim, whose: 'filament lamp' },
			{ level: 'unknown', source: CATEGORY_TABLE }
		);
	if (!light || !minorLight || !flux) return null; // said by the boundary and surviving-light rules
	const survive = through(minorLight, lens).transmittance;
	const stock = category.lumensMinor * through(filamentSource(category), lens).transmittance;
	const lumens = own * survive;
	const contrast = (flux.lumens * through(light, lens).transmittance) / lumens;
	const data = {
		function: dim,
		lumens,
		stock,
		ratio: lumens / stock,
		contrast,
		least: LOST,
		most: TOO_BRIGHT,
		standsOut: STANDS_OUT
	};
	if (data.ratio < LOST) return finding('colour.dim.lost', data, { level: 'refuse', source: MAKER });
	const beam = lampFunction(dim).group === 'headlamp';
	if (data.ratio > TOO_BRIGHT || (!beam && contrast < STANDS_OUT))
		return finding('colour.dim.contrast', data, { level: 'unknown', source: MAKER });
	return finding('colour.dim.enough', data, { level: 'pass', source: MAKER });
};
