import { PLAIN, type AccessoryStrategy } from '../strategy';

/** What seats a lamp in the holder of a housing. */
const holderOf = (label: string): AccessoryStrategy => ({
	...PLAIN,
	label,
	answers: (_accessory, need) => need.kind === 'adapter',
	minutes: 3,
	first: true,
	hand: [
		'Off the new lamp and into the lamp unit first, locked as the stock lamp was; the new lamp goes into it afterwards.'
	]
});

export const adapter = holderOf('holder adapter');
export const ring = holderOf('locking ring');
