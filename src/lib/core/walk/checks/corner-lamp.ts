import { doubt, type Check } from './check';

/** The lamp at the corner of the vehicle marks its side; it is not the turn lamp, though it may stand next to it. */
export const cornerLamp: Check = ({ functions }, _context, line) =>
	/\bcorner\b/.test(line) && !functions.includes('turn')
		? doubt('Read as the side marker at the corner. It is not the turn lamp: if it flashes, type turn.')
		: null;
