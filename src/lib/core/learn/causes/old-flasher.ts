import { asItIs, atChannel, withPart, type Cause } from './cause';
import { complainingAsRecorded } from './complaining';

/** The flasher unit of the filament lamps is still in. */
export const oldFlasher: Cause = {
	id: 'old-flasher',
	label: 'flasher of the old kind',
	rate: 0.9,
	remedy: { kind: 'part', words: 'Plug in a flasher for LED lamps that has the same pins.' },
	look: {
		question: 'Is the flasher unit the one the vehicle came with?',
		how: 'Read its print: a flasher for LED lamps says so, or gives a load from 0.02 A.',
		minutes: 5
	},
	places: (simulations) => {
		const { fitted, configuration } = simulations.scene;
		const steady = fitted.parts.filter(({ effect }) => effect?.kind === 'steady-flasher');
		const turns = configuration.channels.filter(({ feeds }) => feeds.some((feed) => feed.function === 'turn'));
		const [first] = turns;
		if (!first || configuration.flasher?.kind !== 'plug-in') return [];
		const isAsRecorded = complainingAsRecorded(simulations).some(({ id }) => turns.some((turn) => turn.id === id));
		const touched = { sockets: [], channels: turns.map(({ id }) => id as string) };
		const asFitted = steady.length === 0 && isAsRecorded ? [asItIs(atChannel(first.id))] : [];
		return [...steady.map((part) => atChannel(first.id, withPart(part, null))), ...asFitted].map((place) => ({
			...place,
			touched
		}));
	}
};
