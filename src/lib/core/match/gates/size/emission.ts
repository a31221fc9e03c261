import { isBeam, lampFunction } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

/** A lamp that shines only from its end lights nothing of an optic built round a filament. */
export const emissionRule: Rule = ({ socket }, { product, lamp }) => {
	if (lamp === 'filament' || product.emission !== 'end') return null;
	const data = { optic: socket.optic ?? null };
	if (isBeam(socket.functions)) return finding('size.emission.end-in-beam', data, { level: 'refuse', source: MAKER });
	const signal = socket.functions.some((id) => lampFunction(id).group === 'signal');
	if (!signal || socket.optic === 'lens-only')
		return finding('size.emission.end', data, { level: 'pass', source: MAKER });
	return finding('size.emission.end-in-bowl', data, { level: 'unknown', source: MAKER });
};
