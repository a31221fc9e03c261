import { withFault } from '../scene/bench';
import { atChannel, type Cause } from './cause';

/** A feed rubs on metal. */
export const circuitShort: Cause = {
	id: 'circuit-short',
	label: 'short to earth',
	rate: 0.35,
	comesAndGoes: true,
	also: { melting: 0.2, 'message-now-and-then': 0.3 },
	remedy: { kind: 'step', words: 'Find where the feed touches metal. Never fit a larger fuse.' },
	look: {
		question: 'Is the fuse of {place} blown, and blows again with its lamps out?',
		how: 'Fuse out, lamps out: measure the feed against earth before a new fuse of the same rating goes in.',
		minutes: 5
	},
	places: ({ scene: { configuration } }) =>
		configuration.channels.map(({ id }) => atChannel(id, withFault({ kind: 'short', channel: id })))
};
