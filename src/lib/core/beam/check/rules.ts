import type { CheckRule } from './rule';
import { aboveRule } from './rules/above';
import { aimWithinRule } from './rules/aim';
import { belowRule } from './rules/below';
import { hotSpotRule } from './rules/hot-spot';
import { picturesRule } from './rules/pictures';
import { raisedRule } from './rules/raised';
import { signedRule } from './rules/signed';
import { tiltedRule } from './rules/tilted';

/** Every rule of the beam check, in the order they are worked through. A new one is a file in `rules/` and an entry here. */
export const CHECK_RULES: readonly CheckRule[] = [
	belowRule,
	aboveRule,
	picturesRule,
	tiltedRule,
	raisedRule,
	hotSpotRule,
	aimWithinRule,
	signedRule
];
