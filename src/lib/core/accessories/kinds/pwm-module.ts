import type { AccessoryStrategy } from '../strategy';

/** A module that does not state its capacitance has a usual one, F. */
const USUAL_FARADS = 0.0022;

/** A capacitor that holds the feed of one lamp up between pulses. */
export const pwmModule: AccessoryStrategy = {
	label: 'smoothing module',
	answers: (_accessory, need) => need.kind === 'pwm-module',
	effect: ({ capacitance }) => ({ kind: 'smoothing', farads: capacitance ?? USUAL_FARADS }),
	minutes: 10,
	consumedBy: 'module',
	caution: 'Its capacitor holds charge for a moment; mount it where it stays cool, tied to the chassis.'
};
