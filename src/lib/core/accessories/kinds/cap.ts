import { PLAIN, type AccessoryStrategy } from '../strategy';

/** A cap over the back of a lamp: deeper than the stock one, or with a port for a lead. */
export const cap: AccessoryStrategy = {
	...PLAIN,
	label: 'cap',
	answers: ({ extraDepth = 0, port = 0 }, need) =>
		need.kind === 'cap' && extraDepth >= need.extraDepth && port >= (need.port ?? 0),
	minutes: 3,
	hand: [
		'Set it in place of the stock cap and look that its seal lies all the way round.',
		'The lead passes its port without strain; a vent stays open.'
	]
};
