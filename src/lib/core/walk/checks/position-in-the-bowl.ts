import { doubt, type Check } from './check';

/** Where a high beam is listed and no front position yet, it may sit inside the same bowl. */
export const positionInTheBowl: Check = ({ functions, facts }, { sockets }) =>
	functions.includes('high-beam') &&
	facts.optic === 'reflector' &&
	!sockets.some((s) => s.functions.includes('front-position'))
		? doubt('Look for a second, small lamp in this bowl: the front position lamp often sits inside the high beam.')
		: null;
