import { categoryOrNull } from '../../lamps';
import type { Socket } from '../../model';
import { displayColour, filamentSource, knownLens, throughLens } from '../../optics';
import { groupName } from '../../vehicle';
import type { LampFront } from './exercise';

/** A pair of lamps, or a lone one, as it is seen from outside with its stock lamp burning. */
export function lampFront(group: readonly [Socket, ...Socket[]], words = groupName(group)): LampFront {
	const [{ lens, optic, category }] = group;
	const lamp = categoryOrNull(category);
	const known = knownLens(lens);
	return {
		words,
		lens: lens ?? 'not known',
		optic: optic ?? 'not known',
		glow: lamp && known ? displayColour(throughLens(filamentSource(lamp), known)) : null
	};
}
