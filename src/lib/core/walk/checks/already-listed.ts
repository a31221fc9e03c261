import { placeText } from '../../vehicle';
import { impossible, type Check } from './check';

/** A place is listed once; a second lamp of the same kind has a number. */
export const alreadyListed: Check = ({ functions, zone, sides, index }, { sockets }) => {
	const there = sockets.find(
		(s) => s.zone === zone && s.index === index && sides.includes(s.side) && s.functions.join() === functions.join()
	);
	if (!there) return null;
	const side = there.side === 'centre' ? '' : `, ${there.side}`;
	return impossible(
		`${placeText(there)}${side} is listed already. Open it to change it, or write ${index + 1} in the line for another one.`
	);
};
