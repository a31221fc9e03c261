import { withFault } from '../scene/bench';
import { atSocket, type Cause } from './cause';

const OHMS = [1, 4, 15, 60];

/** A contact of the holder is green, burnt or spread. */
export const corrodedContact: Cause = {
	id: 'corroded-contact',
	label: 'corroded or loose contact',
	rate: 0.35,
	comesAndGoes: true,
	also: { flicker: 0.35, dim: 0.3, loose: 0.2, died: 0.1 },
	remedy: { kind: 'step', words: 'Clean and bend the contacts, or renew the holder.' },
	look: {
		question: 'Are the contacts of {place} green, burnt or spread?',
		how: 'Lamp out, lights off: look with a torch, feel whether the lamp is held.',
		minutes: 3
	},
	places: ({ scene: { configuration } }) =>
		configuration.sockets
			.filter(({ state }) => state === 'filament')
			.map(({ id }) => atSocket(id, ...OHMS.map((ohms) => withFault({ kind: 'contact', socket: id, ohms }))))
};
