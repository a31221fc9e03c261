import type { RuleFamily, SignalColour } from '../lamps';
import type { Chromaticity } from './chromaticity';

type Test = (at: Chromaticity) => boolean;

/**
 * White of UN R48 and FMVSS 108. The area is not convex: left of the corner near x = 0.443 the lower edge is the purple line,
 * right of it the flat reddish one, so only the lower of the two may be asked for.
 */
function white(flatEdge: number): Test {
	return ({ x, y }) =>
		x >= 0.31 && x <= 0.5 && y <= 0.15 + 0.64 * x && y <= 0.44 && y >= Math.min(flatEdge, 0.05 + 0.75 * x);
}

/** Amber, the same in both families (UN R48; FMVSS 108 S14.4.1). */
const amber: Test = ({ x, y }) => y <= x - 0.12 && y >= 0.39 && y >= 0.79 - 0.67 * x;

/** Red, with the yellow edge of the family. */
function red(yellowEdge: number): Test {
	return ({ x, y }) => y <= yellowEdge && y >= 0.98 - x;
}

/** Selective yellow of UN R48, and the narrower one of SAE J583. */
const selectiveYellow: Record<RuleFamily, Test> = {
	UN: ({ x, y }) => y <= 1.29 * x - 0.1 && y >= 0.138 + 0.58 * x && y >= 0.44 && y >= 0.94 - x,
	US: ({ x, y }) => y <= 1.29 * x - 0.1 && y >= 0.14 + 0.58 * x && y >= 0.966 - x
};

const BOUNDARIES: Record<RuleFamily, Record<SignalColour, Test>> = {
	UN: { white: white(0.382), amber, red: red(0.335), 'selective-yellow': selectiveYellow.UN },
	US: { white: white(0.38), amber, red: red(0.33), 'selective-yellow': selectiveYellow.US }
};

/** True when a chromaticity lies inside the boundary of a signal colour. */
export function isInside(at: Chromaticity, colour: SignalColour, family: RuleFamily): boolean {
	return BOUNDARIES[family][colour](at);
}

const ORDER: readonly SignalColour[] = ['white', 'selective-yellow', 'amber', 'red'];

/** The signal colour a chromaticity belongs to, or `none`. */
export function regionOf(at: Chromaticity, family: RuleFamily): SignalColour | 'none' {
	return ORDER.find((colour) => isInside(at, colour, family)) ?? 'none';
}
