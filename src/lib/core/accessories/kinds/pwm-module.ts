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
	hand: [
		'Between plug and lamp: which way round, its marks and wire colours say.',
		'Dark or dead: turn the plug to the lamp over, not the one to the vehicle.',
		'Tie it to the chassis, dry and cool; clean with alcohol before tape.'
	],
	consumedBy: 'module',
	caution: 'Its capacitor holds charge for a moment; mount it where it stays cool, tied to the chassis.'
};
