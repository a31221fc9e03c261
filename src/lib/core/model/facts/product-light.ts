import { CLAIMED_PER, EMISSIONS, type LIGHT_COLOURS } from '../enumerations';
import { choices, plainChoices, type FactTable } from './fact';

const LIGHT = 'Light';

/** Facts of the light of a lamp on sale: its colour, which way it shines, and how much of it there is. */
export const PRODUCT_LIGHT_FACTS = {
	'colour.kind': {
		rules: [
			'colour/boundary',
			'colour/cabin',
			'colour/surviving-light',
			'colour/dim-mode',
			'colour/temperature',
			'colour/neighbours'
		],
		kind: 'choice',
		label: 'Colour',
		choices: choices<(typeof LIGHT_COLOURS)[number]>({
			white: 'white|cool white|warm white',
			amber: 'amber|orange',
			red: 'red',
			// “Yellow” alone is said of amber lamps as well: nobody may guess.
			'selective-yellow': 'selective yellow'
		}),
		sheet: { heading: 'colour', also: ['color', 'light'] },
		form: { group: LIGHT }
	},
	'colour.cct': {
		rules: [
			'colour/boundary',
			'colour/cabin',
			'colour/surviving-light',
			'colour/dim-mode',
			'colour/temperature',
			'colour/neighbours'
		],
		kind: 'number',
		label: 'Colour temperature',
		usual: [2000, 10000],
		unit: 'K',
		tolerance: 50,
		evidence: true,
		sheet: { heading: 'cct', also: ['kelvin', 'colour temperature', 'color temperature'] },
		form: { group: LIGHT },
		findOut: { how: 'Compare it beside a lamp of known colour temperature, or measure it.', minutes: 5 }
	},
	'colour.peak': {
		rules: ['colour/boundary', 'colour/cabin', 'colour/surviving-light', 'colour/dim-mode'],
		kind: 'number',
		label: 'Peak wavelength',
		usual: [585, 660],
		unit: 'nm',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'peak', also: ['wavelength', 'nm'] },
		form: { group: LIGHT },
		findOut: { how: 'Ask the maker, or measure it with a spectrometer.', minutes: 10 }
	},
	emission: {
		rules: ['size/clocking', 'size/emission'],
		kind: 'choice',
		label: 'Shines',
		choices: plainChoices(EMISSIONS),
		sheet: { heading: 'emission' },
		form: { group: LIGHT }
	},
	'flux.claimed': {
		rules: ['colour/surviving-light', 'colour/dim-mode'],
		kind: 'number',
		label: 'Flux, claimed',
		usual: [4, 6000],
		unit: 'lm',
		sheet: { heading: 'claimed', also: ['lumen', 'lumens', 'lm', 'flux'] },
		form: { group: LIGHT }
	},
	'flux.per': {
		rules: ['colour/surviving-light', 'colour/dim-mode'],
		kind: 'choice',
		label: 'Claimed per',
		choices: plainChoices(CLAIMED_PER),
		sheet: { heading: 'per' },
		form: { group: LIGHT }
	},
	'flux.measured': {
		rules: ['colour/surviving-light', 'colour/dim-mode'],
		kind: 'number',
		label: 'Measured flux',
		usual: [5, 3000],
		unit: 'lm',
		tolerance: 5,
		evidence: true,
		sheet: { heading: 'measured', also: ['measured lumens'] },
		form: { group: LIGHT, label: 'Flux, measured' },
		findOut: { how: 'Measure it against a lamp of known flux at the same distance.', minutes: 10 }
	},
	'flux.minor': {
		rules: ['colour/dim-mode'],
		kind: 'number',
		label: 'Flux of the dim mode',
		usual: [1, 1300],
		unit: 'lm',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'minorFlux', also: ['dim lumens'] },
		form: { group: LIGHT },
		findOut: { how: 'Measure both modes at the same distance.', minutes: 10 }
	}
} as const satisfies FactTable;
