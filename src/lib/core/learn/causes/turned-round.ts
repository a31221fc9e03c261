import { withFault } from '../scene/bench';
import { atSocket, ledsIn, type Cause } from './cause';

/** An LED with a plus and a minus, put in the other way. */
export const turnedRound: Cause = {
	id: 'lamp-turned-round',
	label: 'lamp put in the wrong way round',
	rate: 1,
	remedy: { kind: 'step', words: 'Turn the lamp round in its holder.' },
	look: {
		question: 'Does the lamp of {place} light when it is turned round in its holder?',
		how: 'Lights off, pull it, turn it half a turn, lights on.',
		minutes: 3
	},
	places: ({ scene }) =>
		ledsIn(scene)
			.filter(({ product }) => product.polarity !== 'free')
			.map(({ socket: { id } }) => atSocket(id, withFault({ kind: 'reversed', socket: id })))
};
