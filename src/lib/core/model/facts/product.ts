import { DRIVER_PLACES, type POLARITIES, type PRODUCT_KINDS, PRODUCT_MODES, PRODUCT_WIRINGS } from '../enumerations';
import { choices, plainChoices, type FactTable } from './fact';
import { BY_EYE, PRODUCT_BODY_FACTS } from './product-body';
import { PRODUCT_LIGHT_FACTS } from './product-light';

const WHAT = 'What it is';
const ELECTRICS = 'Electrics';

const onTheBench = (minutes: number) => ({ how: 'Measure it on the bench at 13.5 V.', minutes });

/** Facts of a lamp or assembly on sale, in the order of its form. */
export const PRODUCT_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['product', 'product id'] } },
	maker: {
		kind: 'text',
		label: 'Maker',
		sheet: { heading: 'maker', also: ['brand', 'manufacturer'] },
		form: { group: WHAT }
	},
	name: {
		kind: 'text',
		label: 'Name',
		sheet: { heading: 'name', also: ['description', 'title', 'model', 'article name'] },
		form: { group: WHAT }
	},
	kind: {
		rules: [
			'electrics/fuse',
			'electrics/supply',
			'size/ingress',
			'size/emission',
			'base/category-data',
			'base/cap',
			'base/twin-contact',
			'base/functions',
			'base/holder',
			'size/front',
			'size/rear',
			'size/focus',
			'size/clocking',
			'size/retention',
			'size/entry',
			'size/driver',
			'size/filament',
			'colour/boundary',
			'colour/cabin',
			'colour/surviving-light',
			'colour/dim-mode',
			'colour/temperature',
			'colour/neighbours',
			'electrics/monitor',
			'electrics/pulsed-feed',
			'heat/steady',
			'law/caution',
			'law/policy'
		],
		kind: 'choice',
		label: 'Kind',
		choices: choices<(typeof PRODUCT_KINDS)[number]>({
			led: 'led|leds|led lamp|led bulb',
			halogen: 'halogen|filament|filament lamp|incandescent',
			assembly: 'assembly|lamp unit'
		}),
		sheet: { heading: 'kind', also: ['type', 'technology'] },
		form: { group: WHAT }
	},
	fits: {
		rules: ['base/cap', 'base/festoon', 'size/filament', 'colour/boundary', 'colour/surviving-light'],
		kind: 'names',
		label: 'Made for',
		sheet: {
			heading: 'fits',
			also: ['made for', 'bulb', 'bulb type', 'lamp type', 'lamp category', 'category', 'base', 'fitting', 'socket']
		},
		form: { group: WHAT, hint: 'lamp categories, such as P21W' }
	},
	modes: {
		rules: ['base/functions', 'colour/boundary', 'colour/dim-mode', 'law/switchback'],
		kind: 'list',
		label: 'Modes',
		choices: plainChoices(PRODUCT_MODES),
		sheet: { heading: 'modes' },
		form: { group: WHAT, hint: 'what it does in a socket' }
	},
	purpose: {
		kind: 'list',
		label: 'Made for',
		sheet: { heading: 'purpose', also: ['use'] },
		form: { group: WHAT, label: 'Used for', hint: 'empty means what its kind is usually for' }
	},
	includes: {
		rules: ['electrics/monitor', 'electrics/pulsed-feed', 'size/driver', 'heat/steady'],
		kind: 'json',
		label: 'In the box',
		sheet: { heading: 'includes', also: ['in the box'] }
	},
	claims: { rules: ['base/cap'], kind: 'json', label: 'Said to be for', sheet: { heading: 'claims' } },
	wiring: {
		rules: ['base/twin-contact'],
		kind: 'choice',
		label: 'Wiring',
		choices: plainChoices(PRODUCT_WIRINGS),
		evidence: true,
		sheet: { heading: 'wiring' },
		form: { group: WHAT, label: 'Twin-contact wiring' },
		findOut: { how: 'Measure which contacts of the lamp are joined.', minutes: 3 }
	},
	...PRODUCT_LIGHT_FACTS,
	'power.at13v5': {
		rules: [
			'electrics/pulsed-feed',
			'electrics/fuse',
			'colour/surviving-light',
			'colour/dim-mode',
			'electrics/monitor',
			'heat/steady'
		],
		kind: 'number',
		label: 'Power at 13.5 V',
		usual: [0.1, 75],
		unit: 'W',
		tolerance: 0.1,
		evidence: true,
		sheet: { heading: 'at13v5', also: ['power', 'watt', 'watts', 'w'] },
		form: { group: ELECTRICS },
		findOut: onTheBench(3)
	},
	'power.minor': {
		rules: ['heat/steady', 'electrics/fuse', 'colour/dim-mode', 'electrics/monitor'],
		kind: 'number',
		label: 'Power of the dim mode',
		unit: 'W',
		tolerance: 0.05,
		evidence: true,
		sheet: { heading: 'minor', also: ['dim power'] },
		form: { group: ELECTRICS },
		findOut: onTheBench(3)
	},
	builtInLoad: {
		rules: ['electrics/fuse', 'electrics/pulsed-feed', 'electrics/monitor', 'heat/steady'],
		kind: 'number',
		label: 'Built-in load',
		unit: 'W',
		tolerance: 0.2,
		evidence: true,
		sheet: { heading: 'builtInLoad', also: ['built in load'] },
		form: { group: ELECTRICS },
		findOut: { how: 'Measure the current below its turn-on voltage: what flows there is the load.', minutes: 5 }
	},
	volts: {
		rules: ['electrics/supply', 'electrics/monitor', 'electrics/pulsed-feed', 'electrics/fuse'],
		kind: 'json',
		label: 'Works on',
		unit: 'V',
		sheet: { heading: 'volts', also: ['voltage', 'supply'] }
	},
	turnOn: {
		rules: ['electrics/supply', 'electrics/pulsed-feed', 'electrics/fuse', 'electrics/monitor'],
		kind: 'number',
		label: 'Lights from',
		unit: 'V',
		tolerance: 0.2,
		evidence: true,
		sheet: { heading: 'turnOn', also: ['turn on'] },
		form: { group: ELECTRICS },
		findOut: { how: 'Raise the voltage on the bench until it lights.', minutes: 3 }
	},
	startUp: {
		kind: 'number',
		label: 'Start-up time',
		unit: 's',
		tolerance: 0.001,
		evidence: true,
		sheet: { heading: 'startUp', also: ['start up'] },
		form: { group: ELECTRICS },
		findOut: { how: 'Film it in slow motion beside a plain lamp as both are switched on.', minutes: 10 }
	},
	polarity: {
		kind: 'choice',
		label: 'Polarity',
		choices: choices<(typeof POLARITIES)[number]>({
			sensitive: 'sensitive|polarised|polarized|polar',
			free: 'free|either|either way|non-polar|nonpolar'
		}),
		evidence: true,
		sheet: { heading: 'polarity' },
		form: { group: ELECTRICS },
		findOut: { how: 'Try it both ways round on the bench.', minutes: 1 }
	},
	'driver.where': {
		rules: ['size/driver'],
		kind: 'choice',
		label: 'Driver',
		choices: plainChoices(DRIVER_PLACES),
		evidence: true,
		sheet: { heading: 'driver' },
		form: { group: ELECTRICS },
		findOut: BY_EYE
	},
	...PRODUCT_BODY_FACTS
} as const satisfies FactTable;
