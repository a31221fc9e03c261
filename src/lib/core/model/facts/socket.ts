import { findCategory } from '../../lamps/category';
import { type CapKind, type Lens, type Retention, type Socket } from '../socket';
import { ENTRIES, SIDES, ZONES } from '../enumerations';
import { choices, length, plainChoices, type FactTable } from './fact';

/** Facts of a lamp holder, in the order a desk shows them. */
export const SOCKET_FACTS = {
	id: { kind: 'text', label: 'Id', sheet: { heading: 'id', also: ['socket', 'position id'] } },
	zone: {
		rules: ['size/ingress', 'colour/boundary', 'heat/steady'],
		kind: 'choice',
		label: 'Zone',
		choices: plainChoices(ZONES),
		sheet: { heading: 'zone', also: ['position', 'location'] }
	},
	side: {
		rules: ['electrics/monitor'],
		kind: 'choice',
		label: 'Side',
		choices: plainChoices(SIDES),
		sheet: { heading: 'side' }
	},
	index: { kind: 'count', label: 'Number', sheet: { heading: 'index', also: ['no', 'number'] } },
	functions: {
		rules: [
			'electrics/pulsed-feed',
			'electrics/fuse',
			'size/ingress',
			'size/emission',
			'electrics/supply',
			'base/functions',
			'size/focus',
			'size/clocking',
			'colour/boundary',
			'colour/cabin',
			'colour/surviving-light',
			'colour/dim-mode',
			'colour/temperature',
			'colour/neighbours',
			'electrics/monitor',
			'heat/steady',
			'law/caution',
			'law/policy',
			'law/switchback'
		],
		kind: 'list',
		label: 'Functions',
		sheet: { heading: 'functions', also: ['function', 'use', 'lamp function'] }
	},
	names: { kind: 'lines', label: 'Also called', sheet: { heading: 'names' } },
	category: {
		rules: [
			'base/category-data',
			'electrics/fuse',
			'electrics/pulsed-feed',
			'base/cap',
			'base/category-data',
			'base/twin-contact',
			'base/functions',
			'base/holder',
			'base/festoon',
			'size/front',
			'size/rear',
			'size/focus',
			'size/retention',
			'size/entry',
			'size/driver',
			'size/filament',
			'colour/surviving-light',
			'colour/dim-mode',
			'electrics/monitor',
			'heat/steady'
		],
		kind: 'text',
		accepts: (value) => typeof value === 'string' && findCategory(value).kind !== 'unknown',
		label: 'Lamp category',
		labels: { US: 'Bulb number' },
		evidence: true,
		sheet: {
			heading: 'category',
			also: ['bulb', 'lamp', 'bulb type', 'lamp type', 'lamp category', 'bulb size']
		},
		findOut: { how: 'Take the lamp out and read what is stamped on its base.', minutes: 5 }
	},
	state: {
		kind: 'choice',
		label: 'State',
		choices: choices<Socket['state']>({
			filament: 'filament',
			'factory-led': 'factory LED|led',
			sealed: 'sealed unit|sealed'
		}),
		evidence: true,
		sheet: { heading: 'state' },
		findOut: { how: 'Look into the lamp while it is lit: dots of light are LEDs, a wire is a filament.', minutes: 1 }
	},
	lens: {
		rules: [
			'size/ingress',
			'colour/boundary',
			'colour/cabin',
			'colour/surviving-light',
			'colour/dim-mode',
			'colour/neighbours'
		],
		kind: 'choice',
		label: 'Lens',
		choices: choices<Lens>({
			clear: 'clear lens|clear|clr',
			amber: 'amber lens|amber|orange|am',
			red: 'red lens|red',
			smoked: 'smoked lens|smoked|smoke|tinted',
			blue: 'blue lens|blue',
			'red-faded': 'faded red lens|faded',
			none: 'no lens|open'
		}),
		evidence: true,
		sheet: { heading: 'lens', also: ['lens colour', 'lens color'] },
		findOut: { how: 'Look at the lens with the lamp off.', minutes: 1 }
	},
	optic: {
		rules: ['size/emission', 'law/policy'],
		kind: 'choice',
		label: 'Optic',
		choices: choices<NonNullable<Socket['optic']>>({
			reflector: 'reflector|bowl',
			projector: 'projector|lens ball',
			'lens-only': 'lens only|no optic'
		}),
		evidence: true,
		sheet: { heading: 'optic', also: ['reflector/projector', 'housing'] },
		findOut: { how: 'Look into the lamp: a round lens in front of the bulb is a projector.', minutes: 1 }
	},
	wiring: {
		rules: ['base/twin-contact'],
		kind: 'choice',
		label: 'Wiring',
		choices: choices<NonNullable<Socket['wiring']>>({
			standard: 'standard wiring|std',
			crossed: 'crossed wiring|crossed|ck'
		}),
		evidence: true,
		sheet: { heading: 'wiring' },
		findOut: {
			how: 'Lamp out, lamps off: measure from each of the four contacts to bare metal; the two near 0 ohm are the earths.',
			minutes: 5
		}
	},
	retention: {
		rules: ['base/festoon', 'size/retention'],
		kind: 'choice',
		label: 'Held by',
		choices: choices<Retention>({
			twist: 'twist lock|twist',
			'spring-clip': 'spring clip|spring|clip',
			ring: 'locking ring|ring',
			push: 'push in|push',
			festoon: 'two contacts',
			screw: 'screw'
		}),
		evidence: true,
		sheet: { heading: 'retention', also: ['held by'] },
		findOut: { how: 'Look how the lamp that came out was held.', minutes: 2 }
	},
	keyAngle: {
		rules: ['size/clocking'],
		kind: 'number',
		label: 'Key angle',
		unit: '°',
		tolerance: 2,
		evidence: true,
		sheet: { heading: 'keyAngle', also: ['key angle'] },
		findOut: { how: 'Look from the front where the key of the locked lamp stands, clockwise from the top.', minutes: 3 }
	},
	surface: {
		kind: 'choice',
		label: 'Surface near',
		choices: choices<NonNullable<Socket['surface']>>({
			'metal-near': 'metal near|metal',
			plastic: 'plastic near|plastic'
		}),
		evidence: true,
		sheet: { heading: 'surface' },
		findOut: { how: 'Feel what is within reach of the holder: bare metal or plastic.', minutes: 1 }
	},
	'cap.kind': {
		rules: ['electrics/monitor', 'electrics/pulsed-feed', 'size/ingress', 'size/driver', 'heat/steady'],
		kind: 'choice',
		label: 'Cap behind',
		choices: choices<CapKind>({
			'stock-sealed': 'sealed cap|cap',
			boot: 'rubber boot|boot cap',
			none: 'no cap'
		}),
		evidence: true,
		sheet: { heading: 'cap' },
		findOut: { how: 'Look at the back of the lamp.', minutes: 2 }
	},
	'cap.depth': length({
		label: 'Depth inside the cap',
		usual: [0, 80],
		sheet: { heading: 'capDepth', also: ['cap depth'] },
		findOut: {
			how: 'Measure from the rim of the cap to its bottom.',
			minutes: 2
		}
	}),
	'envelope.frontLength': length({
		rules: ['size/front'],
		label: 'Front length',
		usual: [8, 150],
		sheet: { heading: 'frontLength', also: ['front length'] },
		findOut: {
			how: 'Lamp out: push a rod in through the holder until it touches the lens, and measure it from the seat.',
			minutes: 5
		}
	}),
	'envelope.frontDiameter': length({
		rules: ['size/front'],
		label: 'Front diameter',
		usual: [6, 100],
		sheet: { heading: 'frontDiameter', also: ['front diameter'] },
		findOut: {
			how: 'Measure the free width around the lamp, inside the lens.',
			minutes: 5
		}
	}),
	'envelope.opening': length({
		rules: ['size/front'],
		label: 'Opening',
		usual: [5, 80],
		sheet: { heading: 'opening' },
		findOut: {
			how: 'Lamp out: measure the hole its front goes through.',
			minutes: 3
		}
	}),
	'envelope.rearDepth': length({
		rules: ['size/rear', 'size/entry', 'size/driver'],
		label: 'Depth behind',
		usual: [5, 250],
		sheet: { heading: 'rearDepth', also: ['rear depth', 'depth behind'] },
		findOut: {
			how: 'Measure from the seat of the lamp to the inside of the closed cap.',
			minutes: 4
		}
	}),
	'envelope.rearDiameter': length({
		rules: ['size/rear', 'size/driver'],
		label: 'Diameter behind',
		usual: [8, 150],
		sheet: { heading: 'rearDiameter', also: ['rear diameter'] },
		findOut: {
			how: 'Measure the free width behind the seat of the lamp.',
			minutes: 4
		}
	}),
	'envelope.holderLength': length({
		rules: ['base/festoon'],
		label: 'Holder length',
		usual: [28, 46],
		sheet: { heading: 'holderLength', also: ['holder length'] },
		findOut: {
			how: 'Measure between the two contacts of the empty holder.',
			minutes: 2
		}
	}),
	'envelope.entry': {
		rules: ['size/entry'],
		kind: 'choice',
		label: 'Entry',
		choices: plainChoices(ENTRIES),
		evidence: true,
		sheet: { heading: 'entry' },
		findOut: { how: 'See whether the lamp that came out was drawn straight back or had to be tilted.', minutes: 2 }
	},
	bulbColour: {
		kind: 'choice',
		label: 'Bulb colour',
		choices: choices<NonNullable<Socket['bulbColour']>>({
			clear: 'clear bulb',
			amber: 'amber bulb|orange bulb|yellow bulb',
			red: 'red bulb',
			blue: 'blue bulb'
		}),
		evidence: true,
		sheet: { heading: 'bulbColour', also: ['bulb colour', 'bulb color'] },
		findOut: { how: 'Look at the glass of the lamp that came out, apart from the lens.', minutes: 3 }
	},
	orientation: { kind: 'text', label: 'Stands', sheet: { heading: 'orientation' } },
	'unit.id': { kind: 'text', label: 'Lamp unit', sheet: { heading: 'unit' } },
	'unit.place': { kind: 'text', label: 'Place in the unit', sheet: { heading: 'unitPlace' } }
} as const satisfies FactTable;
