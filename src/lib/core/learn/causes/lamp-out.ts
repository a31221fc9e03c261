import { withFault } from '../scene/bench';
import { atSocket, type Cause } from './cause';

/** A filament lamp that stayed in has burnt out. */
export const lampOut: Cause = {
	id: 'lamp-out',
	label: 'filament lamp burnt out',
	rate: 0.5,
	also: { died: 0.4 },
	remedy: { kind: 'not-the-lamp', words: 'Renew the filament lamp; it is not part of the kit.' },
	look: {
		question: 'Is the filament of {place} broken?',
		how: 'Lamp out: look through the glass, or measure it.',
		minutes: 2
	},
	places: ({ scene: { configuration, fitted } }) =>
		configuration.sockets
			.filter(({ id, state }) => {
				const lamp = fitted.lamps.get(id);
				return state === 'filament' && (lamp === undefined || lamp.kind === 'stock');
			})
			.map(({ id }) => atSocket(id, withFault({ kind: 'out', socket: id })))
};
