import { PLAIN, type AccessoryStrategy } from '../strategy';

/** A lead between plugs; one with a grommet of its own passes a closed cap, where the cap itself is deep enough. */
export const lead: AccessoryStrategy = {
	...PLAIN,
	label: 'lead',
	answers: ({ port }, need) =>
		need.kind === 'cap' && need.extraDepth === 0 && need.port !== undefined && port !== undefined && port >= need.port,
	minutes: 5,
	hand: ['Between plug and lamp, wire to wire by colour.', 'Its grommet closes the cap; nothing is left hanging.']
};
