import type { HEADLAMP_FEED_LOOKS, LAMP_OUT_LOOKS } from '../enumerations';
import { STEERINGS, VEHICLE_KINDS } from '../enumerations';
import { choices, plainChoices, type FactTable } from './fact';

/** Facts of a vehicle configuration. */
export const VEHICLE_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['vehicle', 'vehicle id'] } },
	make: { kind: 'text', label: 'Make', sheet: { heading: 'make' } },
	model: { kind: 'text', label: 'Model', sheet: { heading: 'model' } },
	names: { kind: 'lines', label: 'Also called', sheet: { heading: 'names' } },
	generation: { kind: 'text', label: 'Generation', sheet: { heading: 'generation' } },
	'years.0': { kind: 'count', label: 'First year', sheet: { heading: 'from', also: ['year from', 'first year'] } },
	'years.1': { kind: 'count', label: 'Last year', sheet: { heading: 'to', also: ['year to', 'last year'] } },
	body: { kind: 'text', label: 'Body', sheet: { heading: 'body' } },
	kind: {
		rules: ['colour/boundary', 'electrics/supply'],
		kind: 'choice',
		label: 'Kind',
		choices: plainChoices(VEHICLE_KINDS),
		sheet: { heading: 'kind' }
	},
	market: { rules: ['colour/boundary', 'law/caution'], kind: 'text', label: 'Market', sheet: { heading: 'market' } },
	steering: { kind: 'choice', label: 'Steering', choices: plainChoices(STEERINGS), sheet: { heading: 'steering' } },
	voltage: {
		rules: ['electrics/supply', 'electrics/monitor', 'electrics/pulsed-feed', 'electrics/fuse'],
		kind: 'number',
		label: 'Supply',
		unit: 'V',
		evidence: true,
		sheet: { heading: 'voltage', also: ['supply', 'volts'] },
		findOut: {
			how: 'Look at the batteries: one of 12 V, two of them in a row are 24 V; or read the plate of the alternator.',
			minutes: 1
		}
	},
	'looks.lampOutMessage': {
		rules: ['electrics/monitor', 'electrics/pulsed-feed', 'electrics/fuse'],
		kind: 'choice',
		label: 'Dash reports burnt-out lamps',
		choices: choices<(typeof LAMP_OUT_LOOKS)[number]>({
			none: 'of no outside lamp',
			some: 'of some',
			all: 'of all outside lamps'
		}),
		evidence: true,
		sheet: { heading: 'lampOutMessage', also: ['lamp out message', 'bulb out message'] },
		findOut: {
			how: 'Take out one signal lamp, switch it on, and look at the dash; or ask the owner what it says when a lamp dies.',
			minutes: 2
		}
	},
	'looks.headlampFeed': {
		rules: ['electrics/monitor', 'electrics/pulsed-feed', 'electrics/fuse'],
		kind: 'choice',
		label: 'Headlamps are fed',
		choices: choices<(typeof HEADLAMP_FEED_LOOKS)[number]>({ steady: 'steadily', pulsed: 'in pulses (PWM)' }),
		evidence: true,
		sheet: { heading: 'headlampFeed', also: ['headlamp feed'] },
		findOut: {
			how: 'Film the lit headlamp with a phone in slow motion: a pulsed one flickers. Or a meter: a mean voltage below the battery means pulses.',
			minutes: 2
		}
	},
	options: { kind: 'pairs', label: 'Options', sheet: { heading: 'options' } },
	tells: { kind: 'lines', label: 'Told apart by', sheet: { heading: 'tells' } },
	walk: { kind: 'list', label: 'Order of the walk', sheet: { heading: 'walk' } },
	absent: { kind: 'list', label: 'Not fitted', sheet: { heading: 'absent' } },
	flasher: { kind: 'json', label: 'Flasher', sheet: { heading: 'flasher' } },
	access: { kind: 'json', label: 'Way in', sheet: { heading: 'access' } }
} as const satisfies FactTable;
