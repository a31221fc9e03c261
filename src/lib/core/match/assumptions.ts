import { HEAT_ASSUMPTIONS } from '../heat';
import { assume, type Assumed, type Assumption, type SetValues } from '../quantity';
import { RANKING_WEIGHTS } from './ranking/weights';

/** What making a cap fit costs in the shop's own bay. */
const WORK: readonly Assumption[] = [
	{
		id: 'work.hour',
		label: 'An hour in the bay, minor units',
		unit: '',
		value: 6000,
		least: 0,
		most: 100000,
		source: 'default: an assumption'
	},
	{
		id: 'work.cap.minutes',
		label: 'Cutting and sealing a stock cap',
		unit: 'min',
		value: 25,
		least: 0,
		most: 600,
		source: 'default: an assumption'
	},
	{
		id: 'work.cap.material',
		label: 'Grommet and sealant for it, minor units',
		unit: '',
		value: 350,
		least: 0,
		most: 100000,
		source: 'default: an assumption'
	}
];

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

/** Everything a shop may set its own value for. A new assumption is one entry in the list of its area. */
export const ASSUMPTIONS: readonly Assumption[] = [...RANKING_WEIGHTS, ...HEAT_ASSUMPTIONS, ...WORK, ...KIT_RATES];

const DEFAULTS = assume(ASSUMPTIONS);
const resolved = new WeakMap<SetValues, Assumed>();

/** The values to reckon with for what a shop has set; worked out once. */
export function assumedBy(set: SetValues | undefined): Assumed {
	if (!set) return DEFAULTS;
	const cached = resolved.get(set) ?? assume(ASSUMPTIONS, set);
	resolved.set(set, cached);
	return cached;
}
