import { HEAT_ASSUMPTIONS } from '../heat';
import { CHECK_ASSUMPTIONS } from '../beam';
import { RANKING_WEIGHTS, WORK_ASSUMPTIONS } from '../match';
import { assumedFrom, type Assumption } from '../quantity';

const rate = (id: string, label: string, value: number): Assumption => ({
	id: `kit.${id}`,
	label,
	unit: '',
	value,
	least: 0,
	most: 100000,
	source: 'default: an assumption'
});

/** What the goals of a kit are worth in money when they count once. */
const KIT_RATES: readonly Assumption[] = [
	rate('light', 'Kit: a low beam without light, minor units', 4000),
	rate('heat', 'Kit: a lamp at its heat limit, minor units', 600),
	rate('risk', 'Kit: a lamp nobody knows anything of, minor units', 600),
	rate('mismatch', 'Kit: a white that stands out beside its neighbours, minor units', 2000)
];

/** The white of headlamps where an order asks for none, K: near the whites most projectors were seen with. */
const HEADLAMP_WHITE: Assumption = {
	id: 'kit.headlamp.white',
	label: 'Kit: white of headlamps, K',
	unit: 'K',
	value: 5500,
	least: 2500,
	most: 6500,
	source: 'default: an assumption'
};

/** Everything a shop may set its own value for. A new assumption is one entry in the list of its area. */
export const ASSUMPTIONS: readonly Assumption[] = [
	...RANKING_WEIGHTS,
	...HEAT_ASSUMPTIONS,
	...WORK_ASSUMPTIONS,
	...CHECK_ASSUMPTIONS,
	...KIT_RATES,
	HEADLAMP_WHITE
];

/** The values a kit is reckoned with, for what a shop has set. */
export const assumedForKits = assumedFrom(ASSUMPTIONS);
