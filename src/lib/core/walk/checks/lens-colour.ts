import { lampFunction, ruleFamily } from '../../lamps';
import { doubt, type Check } from './check';

const SEEN: Readonly<Record<string, readonly string[]>> = {
	red: ['red'],
	'red-faded': ['red'],
	amber: ['amber']
};

/** A coloured lens in front of a function that never has that colour is a lens of its neighbour, more often than not. */
export const lensColour: Check = ({ functions, facts, zone }, { kind, market }) => {
	const family = ruleFamily(market);
	const seen = SEEN[String(facts.lens)];
	if (!seen || !zone || !family) return null;
	const odd = functions.find((id) => {
		const allowed = lampFunction(id).colours?.({ family, zone, kind });
		return allowed && !allowed.some((colour) => seen.includes(colour));
	});
	return odd
		? doubt(
				`${facts.lens === 'amber' ? 'An' : 'A'} ${String(facts.lens)} lens in front of ${odd.replaceAll('-', ' ')} is unusual in this market. Look which part of the lamp it stands behind.`
			)
		: null;
};
