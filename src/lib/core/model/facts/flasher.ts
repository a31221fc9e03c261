import { FLASHER_KINDS } from '../enumerations';
import { plainChoices, type FactTable } from './fact';

/** Facts of what makes the turn lamps flash. */
export const FLASHER_FACTS = {
	kind: {
		kind: 'choice',
		label: 'Flasher',
		choices: plainChoices(FLASHER_KINDS),
		evidence: true,
		findOut: {
			how: 'Listen for the click and follow it: a can of 20 to 40 mm in a socket is a plug-in unit.',
			minutes: 5
		}
	},
	pins: {
		kind: 'count',
		label: 'Pins',
		evidence: true,
		findOut: { how: 'Pull the unit and count its pins.', minutes: 5 }
	},
	thresholdCurrent: {
		rules: ['electrics/monitor'],
		kind: 'number',
		label: 'Doubles below',
		unit: 'A',
		tolerance: 0.05,
		evidence: true,
		findOut: { how: 'Read the type on the unit, or take lamps out one by one and watch the rate.', minutes: 10 }
	},
	normalPerMinute: {
		kind: 'count',
		label: 'Normal rate',
		unit: 'per minute',
		tolerance: 5,
		evidence: true,
		findOut: { how: 'Count the flashes of half a minute with the stock lamps in.', minutes: 1 }
	}
} as const satisfies FactTable;
