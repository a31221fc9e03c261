import { CLOCK_PASS, clockAdvice } from '../../../fit';
import { isBeam, lampFunction } from '../../../lamps';
import type { Socket } from '../../../model';
import { finding } from '../../findings/finding';
import { MAKER } from '../../findings/source';
import type { Rule } from '../rule';

const CODE = {
	pass: 'size.clock.right',
	needs: 'size.clock.turn',
	unknown: 'size.clock.near',
	refuse: 'size.clock.wrong'
} as const;

/** A socket that is a fog lamp and no headlamp is judged as a fog lamp. */
export function beamOf({ functions }: Pick<Socket, 'functions'>): 'headlamp' | 'fog' {
	return functions.some((id) => lampFunction(id).group === 'headlamp') ? 'headlamp' : 'fog';
}

/** In a lamp that forms a beam, a sided LED must stand with its emitters at 3 and 9 o'clock when it is locked. */
export const clockingRule: Rule = ({ socket, source }, { product, lamp }) => {
	const beam = isBeam(socket.functions);
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
	const { error, level } = clockAdvice({ key, emitter }, product.collar ?? 'fixed', beamOf(socket));
	return finding(CODE[level], { error, most: CLOCK_PASS }, { level, source: source('keyAngle') });
};
