import type { Product } from '../model';
import { valueAt, withValueAt } from '../vehicle';

/** A fact of a product that cannot be so: its path, and why. */
export interface Implausible {
	path: string;
	why: string;
}

/** More light than this from a watt is beyond any white source, lm/W; a reading above it is a slip of the pen or the meter. */
const BEYOND_ANY_LAMP = 150;

/** Facts that are lengths, powers or fluxes of something that is there, and cannot be nothing. */
const POSITIVE: readonly string[] = [
	'size.frontLength',
	'size.frontDiameter',
	'size.lightCentre',
	'size.rearLength',
	'size.rearDiameter',
	'size.length',
	'power.at13v5',
	'flux.claimed',
	'flux.minor'
];

/** Facts of a product that contradict one another or are absurd. What they touch counts as not known. */
export function implausibleFacts(product: Product): Implausible[] {
	const found: Implausible[] = POSITIVE.filter((path) => valueAt(product, path) === 0).map((path) => ({
		path,
		why: `${path} is 0`
	}));
	const { size, flux, power, modes = [] } = product;
	if ((size?.lightCentre ?? 0) > (size?.frontLength ?? Infinity))
		found.push({ path: 'size.lightCentre', why: 'the light centre lies beyond the front of the lamp' });
	if (flux?.measured && power?.at13v5 && flux.measured / power.at13v5 > BEYOND_ANY_LAMP)
		found.push({ path: 'flux.measured', why: `measured flux over ${BEYOND_ANY_LAMP} lm/W` });
	if ((power?.minor ?? 0) > (power?.at13v5 ?? Infinity))
		found.push({ path: 'power.minor', why: 'the dim mode draws more than the bright one' });
	if (modes.length > 1 && modes.includes('single'))
		found.push({ path: 'modes', why: 'it is said to have one mode and several' });
	return found;
}

/** A product without the facts that cannot be so, so that nothing is judged by them; the very same one when all are plausible. */
export function plausible(product: Product): Product {
	return implausibleFacts(product).reduce((left, { path }) => withValueAt(left, path, undefined), product);
}
