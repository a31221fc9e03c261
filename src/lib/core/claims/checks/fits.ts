import type { ClaimCheck } from '../claim';
import { categoryOrNull } from '../../lamps';

/** Caps one lamp can have at most, with adapters in the box. */
const MAX_CAPS = 3;

/** One lamp has one cap. A list of many caps is a list of wishes. */
export const fitsClaim: ClaimCheck = ({ fits, name }) => {
	const strange = fits.filter((category) => !categoryOrNull(category));
	if (strange.length > 0)
		return {
			claim: 'fits',
			level: 'missing',
			claimed: fits.join(', '),
			derated: strange.length === fits.length ? 'fits nothing that is known' : 'the known categories only',
			why: `Not in the table of lamp categories, or the name of several lamps: ${strange.join(', ')}.`
		};
	const caps = new Set(fits.flatMap((category) => categoryOrNull(category)?.caps.slice(0, 1) ?? []));
	const words = /\b(fits all|universal|any car)\b/i.test(name);
	if (!words && caps.size <= MAX_CAPS) return null;
	return {
		claim: 'fits',
		level: words ? 'not-credible' : 'doubtful',
		claimed: words ? name : fits.join(', '),
		derated: 'judged for each lamp category by itself',
		why: words ? 'No lamp fits all holders.' : `The categories have ${caps.size} different caps.`
	};
};
