import { isBeam } from '../../lamps';
import { impossible, type Check } from './check';

/** Functions that only the rear of a vehicle has. */
const REAR_ONLY: ReadonlySet<string> = new Set(['stop', 'tail', 'chmsl', 'rear-fog', 'reverse']);

/** Beams shine forward, stop and tail lamps back: what is said to be on the wrong end is another lamp. */
export const oddZone: Check = ({ functions, zone }) => {
	const beam = functions.find((id) => isBeam([id]));
	if (zone === 'rear' && beam)
		return impossible(`A ${beam.replaceAll('-', ' ')} is not at the rear. Say what the lamp is for.`);
	if (zone === 'rear' && functions.includes('front-position'))
		return impossible('The position lamp at the rear is the tail lamp: type tail.');
	const back = functions.find((id) => REAR_ONLY.has(id));
	return zone === 'front' && back
		? impossible(`A ${back.replaceAll('-', ' ')} lamp is not at the front. Say what the lamp is for.`)
		: null;
};
