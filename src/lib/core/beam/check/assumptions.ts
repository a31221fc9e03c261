import { assumedFrom, type Assumption } from '../../quantity';

const SHOP = 'default: an assumption of the shop';

/** What a shop asks of a lamp before it counts as proved. */
export const CHECK_ASSUMPTIONS: readonly Assumption[] = [
	{
		id: 'proof.above',
		label: 'Beam check: light over the cut-off, at most times as before',
		unit: '',
		value: 1.3,
		least: 1,
		most: 3,
		source: SHOP
	},
	{
		id: 'proof.below',
		label: 'Beam check: light under the cut-off, at least times as before',
		unit: '',
		value: 1,
		least: 0.5,
		most: 2,
		source: SHOP
	},
	{
		id: 'proof.tilt',
		label: 'Beam check: the cut-off leans at most',
		unit: 'degrees',
		value: 1,
		least: 0.2,
		most: 5,
		source: SHOP
	},
	{
		id: 'proof.rise',
		label: 'Beam check: the cut-off stands higher by at most, of the distance to the wall',
		unit: '%',
		value: 0.2,
		least: 0.05,
		most: 2,
		source: SHOP
	}
];

/** What a beam check is held to: the shop's own numbers, or the defaults. */
export const assumedForChecks = assumedFrom(CHECK_ASSUMPTIONS);
