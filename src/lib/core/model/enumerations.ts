// Every list of words of the format, once. Without schemas, so that a page can read one without them.

export const ACCESSORY_KINDS = [
	'resistor',
	'load-harness',
	'flasher',
	'pwm-module',
	'cap',
	'adapter',
	'ring',
	'lead',
	'bracket',
	'consumable'
] as const;
export const SCOPES = ['lamp', 'channel', 'side', 'axle', 'vehicle'] as const;
/** What consumables are counted by. */
export const USED_PER = ['socket', 'kit', 'module', 'load'] as const;

export const FEED_KINDS = ['steady', 'pwm'] as const;
export const MONITOR_KINDS = ['none', 'hot', 'cold', 'flasher'] as const;
export const FLASHER_KINDS = ['plug-in', 'body-computer', 'none'] as const;
/** What makes a flasher unit flash: a strip that its load heats, or a circuit that measures its load. */
export const FLASHER_PRINCIPLES = ['thermal', 'electronic'] as const;

export const VEHICLE_KINDS = ['car', 'suv', 'pickup', 'van', 'motorcycle', 'bus', 'lorry', 'trailer'] as const;
/** Nominal voltages of on-board supplies, V. */
export const SUPPLY_VOLTAGES = [6, 12, 24] as const;
/** What a look at the dash says of burnt-out lamps: which of the outside lamps it reports. */
export const LAMP_OUT_LOOKS = ['none', 'some', 'all'] as const;
export const HEADLAMP_FEED_LOOKS = ['steady', 'pulsed'] as const;
export const STEERINGS = ['left', 'right'] as const;

/** Where a fact may come from, strongest first. */
export const EVIDENCE_SOURCES = ['in-hand', 'manual', 'maker', 'listing', 'customer', 'assumed'] as const;

export const KIT_SCOPES = [
	'vehicle',
	'front',
	'rear',
	'signals',
	'headlamps',
	'cabin',
	'cluster',
	'function',
	'sockets'
] as const;
export const BALANCES = ['price', 'light', 'ease'] as const;
export const KIT_STATES = ['draft', 'checked', 'released', 'superseded'] as const;

export const HEADLAMP_POLICIES = ['signals-only', 'projectors', 'proved'] as const;

export const PRODUCT_KINDS = ['led', 'halogen', 'assembly'] as const;
/** What a lamp is made for: to throw a beam, to signal, for the cabin, or for fog and rain. */
export const PURPOSES = ['beam', 'signal', 'cabin', 'weather'] as const;
export const PRODUCT_WIRINGS = ['standard', 'crossed', 'both'] as const;
export const PRODUCT_MODES = ['single', 'dual', 'switchback-a', 'switchback-b'] as const;
export const EMISSIONS = ['all-round', 'sided', 'end'] as const;
export const CLAIMED_PER = ['lamp', 'pair'] as const;
export const POLARITIES = ['sensitive', 'free'] as const;
export const COLLARS = ['fixed', 'adjustable', 'removable'] as const;
export const COOLINGS = ['none', 'fins', 'fan', 'strap'] as const;
export const DRIVER_PLACES = ['inline', 'none'] as const;
export const LIGHT_COLOURS = ['white', 'amber', 'red', 'selective-yellow'] as const;

export const ZONES = ['front', 'side', 'rear', 'roof', 'cabin', 'cluster', 'engine', 'luggage'] as const;
export const SIDES = ['left', 'right', 'centre'] as const;
/** Where an operation of the way in is done: on one side, or once for both. */
export const OPERATION_SIDES = ['left', 'right', 'both'] as const;
export const LENSES = ['clear', 'amber', 'red', 'smoked', 'blue', 'red-faded', 'none'] as const;
export const OPTICS = ['reflector', 'projector', 'lens-only'] as const;
export const ENTRIES = ['straight', 'offset'] as const;
export const SOCKET_WIRINGS = ['standard', 'crossed'] as const;
export const SOCKET_STATES = ['filament', 'factory-led', 'sealed'] as const;
export const CAP_KINDS = ['stock-sealed', 'boot', 'none'] as const;
export const RETENTIONS = ['twist', 'spring-clip', 'ring', 'push', 'festoon', 'screw'] as const;
export const BULB_COLOURS = ['clear', 'amber', 'red', 'blue'] as const;
export const SURFACES = ['metal-near', 'plastic'] as const;

/** What people come back with. */
export const SYMPTOM_IDS = [
	'fine',
	'not-lit',
	'one-dark',
	'dim',
	'wrong-lamp',
	'modes-alike',
	'hyperflash',
	'hyperflash-later',
	'slow-flash',
	'no-flash',
	'message',
	'message-at-start',
	'message-now-and-then',
	'flicker',
	'flicker-idle',
	'flicker-dimmed',
	'glow',
	'odd-together',
	'fuse',
	'radio-hiss',
	'melting',
	'high-no-better',
	'glare',
	'patchy-beam',
	'too-blue',
	'moisture',
	'yellowed',
	'loose',
	'cap-open',
	'fan-noise',
	'died'
] as const;
export type SymptomId = (typeof SYMPTOM_IDS)[number];
