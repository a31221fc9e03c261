import type { ClaimCheck } from '../claim';
import { categoryOrNull } from '../../lamps';

/** Caps one lamp can have at most, with adapters in the box. */
const MOST_CAPS = 3;

/** One lamp has one cap. A list of many caps is a list of wishes. */
export const fitsClaim: ClaimCheck = ({ fits, name }) => {
	const strange = fits.filter((category) => !categoryOrNull(category));
	if (strange.length > 0)
		return {
			claim: 'fits',
			level: 'missing',
			said: fits.join(', '),
			sober: strange.length === fits.length ? 'fits nothing that is known' : 'the known categories only',
			why: `Not in the table of lamp categories, or the name of several lamps: ${strange.join(', ')}.`
		};
	const caps = new Set(fits.flatMap((category) => categoryOrNull(category)?.caps.slice(0, 1) ?? []));
	const words = /\b(fits all|universal|any car)\b/i.test(name);
	if (!words && caps.size <= MOST_CAPS) return null;
	return {
		claim: 'fits',
		level: words ? 'not-credible' : 'doubtful',
		said: words ? name : fits.join(', '),
		sober: 'judged for each lamp category by itself',
		why: words ? 'No lamp fits all holders.' : `The categories have ${caps.size} different caps.`
	};
};
