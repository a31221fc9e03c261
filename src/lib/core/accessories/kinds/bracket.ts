import { PLAIN, type AccessoryStrategy } from '../strategy';

/** What an assembly or a pod is mounted with. */
export const bracket: AccessoryStrategy = {
	...PLAIN,
	label: 'bracket',
	minutes: 10,
	hand: ['Bolt it loosely, level the lamp, then do it up; nothing may shake.']
};
