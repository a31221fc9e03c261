import { showsOutside } from '../../lamps';
import type { Socket } from '../../model';
import { withFault } from '../scene/bench';
import type { Cause } from './cause';

/** What a bad earth of a lamp unit may have, ohm: rust, a loose bolt, nothing left. */
const OHMS = [1.5, 7, 35, 1e4];

/** Outside lamps by the unit they sit in: one zone, one side. */
export function unitsOf(sockets: readonly Socket[]): Socket[][] {
	const units = new Map<string, Socket[]>();
	for (const socket of sockets) {
		if (!showsOutside(socket.functions) || socket.state !== 'filament') continue;
		const alone = socket.zone === 'side' || socket.side === 'centre' || socket.functions.includes('licence-plate');
		const key = alone ? socket.id : `${socket.zone} ${socket.side}`;
		units.set(key, [...(units.get(key) ?? []), socket]);
	}
	return [...units.values()];
}

/** Lamps of a unit return over one bad earth: each pulls the others up. */
export const poorEarth: Cause = {
	id: 'poor-earth',
	label: 'poor earth of the lamp unit',
	rate: 0.6,
	comesAndGoes: true,
	also: { 'odd-together': 0.5, flicker: 0.2, dim: 0.3 },
	remedy: { kind: 'step', words: 'Clean and tighten the earth of the unit; put a second earth beside it.' },
	look: {
		question: 'Is there more than 0.3 V between the earth of {place} and the battery while its lamps are on?',
		how: 'All lamps of the unit on; meter from the earth contact to the negative pole.',
		minutes: 4
	},
	places: ({ scene: { configuration } }) =>
		unitsOf(configuration.sockets).map((unit) => {
			const sockets = unit.map(({ id }) => id as string);
			return {
				socket: sockets[0] as string,
				variants: OHMS.map((ohms) => withFault({ kind: 'unit-earth', sockets, ohms })),
				touched: { sockets, channels: [] }
			};
		})
};
