import { CLOCK_PASS, clockAdvice } from '../../../fit';
import { lampFunction } from '../../../lamps';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

const CODE = {
	pass: 'size.clock.right',
	needs: 'size.clock.turn',
	unknown: 'size.clock.near',
	refuse: 'size.clock.wrong'
} as const;

/** In a lamp that forms a beam, a sided LED must stand with its emitters at 3 and 9 o'clock when it is locked. */
export const clockingRule: Rule = ({ socket, source }, { product, lamp }) => {
	const beam = socket.functions.some((id) => ['headlamp', 'fog'].includes(lampFunction(id).group));
	// A lamp that does not say how it shines is taken for a sided one, as most of these are.
	if (!beam || lamp === 'filament' || (product.emission ?? 'sided') !== 'sided') return null;
	const turns = product.collar === 'adjustable' || product.collar === 'removable';
	const { keyAngle: key } = socket;
	const emitter = product.emitterAngle;
	if (key === undefined || emitter === undefined) {
		const whose = key === undefined ? 'socket' : 'lamp';
		return turns
			? finding('size.clock.set', { whose }, { level: 'needs', source: MAKER })
			: finding(
					'size.clock.unknown',
					{ whose },
					{ level: 'unknown', source: key === undefined ? source('keyAngle') : MAKER }
				);
	}
	const { error, level } = clockAdvice({ key, emitter }, product.collar ?? 'fixed');
	return finding(CODE[level], { error, most: CLOCK_PASS }, { level, source: source('keyAngle') });
};
