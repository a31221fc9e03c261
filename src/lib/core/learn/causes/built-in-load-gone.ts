import { withFault, type Alter } from '../scene/bench';
import { atSocket, ledsIn, type Cause } from './cause';

/** A load inside a lamp opens when it gets hot, and one day for good. */
export const builtInLoadGone: Cause = {
	id: 'built-in-load-gone',
	label: 'built-in load gone hot',
	rate: 0.8,
	also: { melting: 0.25, 'hyperflash-later': 0.3, 'message-now-and-then': 0.3 },
	remedy: { kind: 'other-lamp', words: 'Fit a lamp without a load of its own, and a load on bare metal or a flasher.' },
	look: {
		question: 'Is the body of the lamp of {place} too hot to touch, or brown, after ten minutes?',
		how: 'Function on for ten minutes; matt tape and an infrared thermometer, never the finger.',
		minutes: 12
	},
	places: ({ scene }) =>
		ledsIn(scene)
			.filter(({ product }) => (product.builtInLoad ?? 0) > 0)
			.map(({ socket: { id } }) => {
				const gone = withFault({ kind: 'load-gone', socket: id });
				const whenHot: Alter = (bench, when) => (when === 'warm' ? gone(bench, when) : bench);
				return atSocket(id, whenHot, gone);
			})
};
