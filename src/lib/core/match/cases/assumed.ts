import { HEAT_ASSUMPTIONS } from '../../heat';
import { assumedFrom, type Assumption } from '../../quantity';

/** What making a cap fit costs in the shop's own bay. */
export const WORK_ASSUMPTIONS: readonly Assumption[] = [
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

/** What is reckoned with for a place: heat, and work in the bay. */
export const assumedForPlaces = assumedFrom([...HEAT_ASSUMPTIONS, ...WORK_ASSUMPTIONS]);
