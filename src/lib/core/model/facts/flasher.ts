import { FLASHER_KINDS, FLASHER_PRINCIPLES } from '../enumerations';
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
	principle: {
		kind: 'choice',
		label: 'Works by',
		choices: plainChoices(FLASHER_PRINCIPLES),
		evidence: true,
		findOut: {
			how: 'Take one lamp out: a thermal unit goes slow or stays on, an electronic one races.',
			minutes: 3
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
