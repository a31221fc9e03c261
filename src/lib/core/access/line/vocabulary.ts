/** A word for what is done, and how it is said of a part. */
export interface Action {
	kind: string;
	title: (part: string) => string;
}

const action = (kind: string, title: (part: string) => string): Action => ({ kind, title });
const off = action('remove', (part) => `Take the ${part} off`);
const out = action('remove', (part) => `Take the ${part} out`);
const open = action('open', (part) => `Open the ${part}`);
const loosen = action('loosen', (part) => `Loosen the ${part}`);
const aside = action('loosen', (part) => `Lift the ${part} aside`);
const unplug = action('unplug', (part) => `Unplug the ${part}`);
const back = action('fold back', (part) => `Fold back the ${part}`);
const prop = action('prop', (part) => `Prop the ${part}`);
const raise = action('raise', (part) => `Raise the ${part}`);
const lower = action('loosen', (part) => `Lower the ${part}`);

/** What is done to a part, by the words people type, longest first where one begins another. */
export const ACTIONS: Readonly<Record<string, Action>> = {
	'fold back': back,
	'folded back': back,
	'lift aside': aside,
	'lifted aside': aside,
	'lever out': out,
	'take off': off,
	'take out': out,
	'prop up': prop,
	off,
	remove: off,
	removed: off,
	out,
	aside,
	open,
	opened: open,
	loosen,
	loosened: loosen,
	loose: loosen,
	unplug,
	unplugged: unplug,
	back,
	prop,
	propped: prop,
	raise,
	raised: raise,
	up: raise,
	lower,
	lowered: lower,
	down: lower
};

/** Parts people take off on the way to a lamp. Any other words are taken as they stand, and said to be new. */
export const PARTS: readonly string[] = [
	'air cleaner',
	'airbox',
	'battery',
	'battery cover',
	'bonnet',
	'boot lid',
	'boot lid trim',
	'boot lining',
	'bumper',
	'bumper corner',
	'cluster',
	'console lens',
	'coolant reservoir',
	'corner lamp',
	'dome lens',
	'door card',
	'fairing',
	'fog hatch',
	'fuse cover',
	'glovebox',
	'grille',
	'headlamp',
	'high stop lamp',
	'instrument hood',
	'intake duct',
	'kick panel',
	'knee panel',
	'lens',
	'load trim',
	'lower dash panel',
	'mirror cap',
	'mirror glass',
	'number plate lamp',
	'parcel shelf',
	'radiator cover',
	'radio trim',
	'rear lamp',
	'rear lamp cover',
	'relay block',
	'repeater',
	'roof console',
	'screen',
	'seat',
	'side marker',
	'steering column',
	'switch panel',
	'tail lens',
	'tailgate',
	'tailgate trim',
	'undertray',
	'washer filler neck',
	'washer reservoir',
	'wheel',
	'wheel-arch liner'
];

/** Words that mean a part of the list. */
export const PART_WORDS: Readonly<Record<string, string>> = {
	'arch liner': 'wheel-arch liner',
	'wheel arch liner': 'wheel-arch liner',
	arch: 'wheel-arch liner',
	hood: 'bonnet',
	headlight: 'headlamp',
	'rear light': 'rear lamp',
	'tail lamp': 'rear lamp',
	'tail light': 'rear lamp',
	'trunk lid': 'boot lid',
	reservoir: 'coolant reservoir',
	'washer neck': 'washer filler neck',
	'filler neck': 'washer filler neck',
	instruments: 'cluster',
	'instrument cluster': 'cluster',
	duct: 'intake duct',
	'fender liner': 'wheel-arch liner',
	column: 'steering column',
	windscreen: 'screen'
};

/** What holds a part, by the words people type. */
export const FASTENERS: Readonly<Record<string, string>> = {
	bolt: 'bolt',
	screw: 'screw',
	nut: 'nut',
	clip: 'clip',
	plug: 'plug',
	connector: 'plug',
	pin: 'pin',
	tab: 'tab',
	clamp: 'clamp',
	rivet: 'rivet',
	stud: 'stud',
	latch: 'latch',
	strap: 'strap',
	hook: 'hook'
};

/** What turns a fastener, by the words people type. */
export const DRIVES: Readonly<Record<string, string>> = {
	hex: 'hex',
	torx: 'Torx',
	cross: 'cross',
	phillips: 'cross',
	pozi: 'cross',
	slotted: 'slotted',
	flat: 'slotted',
	allen: 'hex socket'
};

/** Where a fastener sits, which way it moves, what it goes into: words of a note. */
export const PLACES: readonly string[] = [
	'top',
	'below',
	'behind',
	'inboard',
	'outboard',
	'outward',
	'inward',
	'front',
	'rear',
	'side',
	'low',
	'upper',
	'lower',
	'into metal',
	'into plastic',
	'snug',
	'quarter turn',
	'lift the pin first'
];

/** What to mind, for completion; any words may stand there. */
export const CARES: readonly string[] = [
	'tape the bumper',
	'tape the paint beside it',
	'turn the wheel inwards',
	'breaks when cold',
	'by feel',
	'sharp edges',
	'hot parts near',
	'airbag near: battery off first',
	'do not open the coolant',
	'engine cold',
	'steering wheel lowest',
	'on stands or a lift, never on the jack alone',
	'battery off before its plug is pulled',
	'aim on the wall afterwards',
	'a rag below: the bolt falls'
];

/** Tools people name, for completion; most follow from the fasteners. */
export const TOOLS: readonly string[] = [
	'trim tool',
	'8 mm socket',
	'10 mm socket',
	'T20 driver',
	'T25 driver',
	'T30 driver',
	'cross driver',
	'slotted driver',
	'long extension',
	'endoscope',
	'jack and stands'
];

/** The words a clause of the line begins with. */
export const CLAUSES = ['after', 'by', 'reaches', 'tools', 'care'] as const;
