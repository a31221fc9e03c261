import { USUAL_FARADS } from '../../circuit';
import { worksOn } from '../made-for';
import type { AccessoryStrategy } from '../strategy';

/** A capacitor that holds the feed of one lamp up between pulses. */
export const pwmModule: AccessoryStrategy = {
	label: 'anti-flicker module',
	answers: ({ volts, capacitance = USUAL_FARADS }, need, configuration) =>
		need.kind === 'pwm-module' && capacitance >= (need.farads ?? 0) && worksOn(volts, configuration),
	effect: ({ capacitance }) => ({ kind: 'smoothing', farads: capacitance ?? USUAL_FARADS }),
	minutes: 10,
	consumedBy: 'module',
	caution: 'Its capacitor holds charge for a moment; mount it where it stays cool, tied to the chassis.'
};
