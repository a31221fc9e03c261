import { withFault } from '../scene/bench';
import { atSocket, ledsIn, type Cause } from './cause';

/** The electronics of an LED lamp have given up. */
export const driverDead: Cause = {
	id: 'driver-dead',
	label: 'LED lamp dead',
	rate: 0.6,
	also: { died: 0.7 },
	remedy: { kind: 'part', words: 'Renew the lamp; send the dead one back.' },
	look: {
		question: 'Does the lamp of {place} stay dark in another socket of its kind, both ways round?',
		how: 'Swap it with its twin on the other side.',
		minutes: 4
	},
	places: ({ scene }) =>
		ledsIn(scene).map(({ socket: { id } }) => atSocket(id, withFault({ kind: 'driver-dead', socket: id })))
};
