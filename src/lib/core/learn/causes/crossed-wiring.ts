import { categoryOrNull, isTwinContact } from '../../lamps';
import { withFault } from '../scene/bench';
import { atSocket, ledsIn, type Cause } from './cause';

/** A socket with two contacts wired the other way than recorded, so that the lamp joins a feed to earth. */
export const crossedWiring: Cause = {
	id: 'crossed-wiring',
	label: 'crossed wiring',
	rate: 0.5,
	also: { fuse: 0.3, 'wrong-lamp': 0.3 },
	remedy: { kind: 'other-lamp', words: 'Fit a lamp made for this wiring, or one that suits both; record the wiring.' },
	look: {
		question: 'With a meter, are earth and feed of {place} on other contacts than the lamp wants?',
		how: 'Lamp out, lights off: find the two contacts that join to earth.',
		minutes: 6
	},
	places: ({ scene }) =>
		ledsIn(scene)
			.filter(
				({ socket, product }) =>
					product.wiring !== 'both' && (categoryOrNull(socket.category)?.caps.some(isTwinContact) ?? false)
			)
			.map(({ socket: { id, wiring }, product }) => ({
				...atSocket(id, withFault({ kind: 'crossed', socket: id })),
				isLocal: false,
				weight: wiring === undefined || product.wiring === undefined ? 2 : 1
			}))
};
