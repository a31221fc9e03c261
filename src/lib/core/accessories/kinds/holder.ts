import { PLAIN, type AccessoryStrategy } from '../strategy';

/** What seats a lamp in the holder of a housing. */
const holderOf = (label: string): AccessoryStrategy => ({
	...PLAIN,
	label,
	answers: (_accessory, need) => need.kind === 'adapter',
	minutes: 3
});

export const adapter = holderOf('holder adapter');
export const ring = holderOf('locking ring');
