import type { RuleFamily } from './markets';

/** Where on the vehicle a function shows, as far as its colour depends on it. */
export interface ColourPlace {
	family: RuleFamily;
	zone: string;
	kind: string;
}

export type SignalColour = 'white' | 'selective-yellow' | 'amber' | 'red';
export type FunctionGroup = 'headlamp' | 'fog' | 'signal' | 'work' | 'cabin' | 'cluster';

/** One lamp function: what the light means. */
export interface LampFunction {
	label: string;
	/** Shorter name, where the place says the rest. */
	short?: string;
	/** Two letters that stand for it where room is short. */
	mark: string;
	group: FunctionGroup;
	/** Share of the time it is lit in its hardest ordinary use: 0.5 for a flashing lamp, 1 for a steady one. */
	duty: number;
	/** Longest it is lit at a time in ordinary use, s; absent where it burns for as long as a drive lasts. */
	lasts?: number;
	/** How much its light matters when a budget does not reach for all (1 = most). */
	weight: number;
	/** Colours the light may have outside; null where no rule looks at it. Source: UN R48, FMVSS 108. */
	colours: ((place: ColourPlace) => readonly SignalColour[]) | null;
	/** Words people use for it, in any market. */
	synonyms: readonly string[];
}

const white = () => ['white'] as const;
const red = () => ['red'] as const;
const free = null;

/** All functions, in the order a person walks past them. A new function is one entry here. */
export const FUNCTIONS = {
	fog: {
		label: 'Front fog',
		short: 'Fog',
		mark: 'Fo',
		group: 'fog',
		duty: 1,
		weight: 0.5,
		colours: () => ['white', 'selective-yellow'],
		synonyms: ['fog lamp', 'fog light', 'foglight', 'foglamp', 'driving in fog']
	},
	'low-beam': {
		label: 'Low beam',
		mark: 'Lo',
		group: 'headlamp',
		duty: 1,
		weight: 1,
		colours: white,
		synonyms: ['dipped beam', 'dipped', 'dims', 'low', 'lo', 'lo beam', 'passing beam', 'headlight', 'headlamp']
	},
	'high-beam': {
		label: 'High beam',
		mark: 'Hi',
		group: 'headlamp',
		duty: 1,
		weight: 0.8,
		colours: white,
		synonyms: ['main beam', 'full beam', 'high', 'hi', 'hi beam', 'brights', 'driving beam', 'headlight', 'headlamp']
	},
	drl: {
		label: 'Daytime running',
		short: 'DRL',
		mark: 'Dr',
		group: 'signal',
		duty: 1,
		weight: 0.6,
		colours: ({ family }) => (family === 'UN' ? ['white'] : ['white', 'selective-yellow', 'amber']),
		synonyms: ['daytime running lamp', 'running light', 'day light', 'drl']
	},
	'front-position': {
		label: 'Front position',
		short: 'Position',
		mark: 'Po',
		group: 'signal',
		duty: 1,
		weight: 0.5,
		colours: ({ family, kind }) => (family === 'US' || kind === 'motorcycle' ? ['white', 'amber'] : ['white']),
		synonyms: ['parking', 'park', 'position', 'city light', 'side light', 'sidelight', 'pilot']
	},
	turn: {
		label: 'Turn',
		mark: 'Tu',
		group: 'signal',
		duty: 0.5,
		weight: 0.7,
		colours: ({ family, zone }) => (family === 'US' && zone === 'rear' ? ['amber', 'red'] : ['amber']),
		synonyms: [
			'indicator',
			'turn signal',
			'signal',
			'blinker',
			'flasher lamp',
			'direction indicator',
			'repeater',
			'side repeater'
		]
	},
	'side-marker': {
		label: 'Side marker',
		short: 'Marker',
		mark: 'Ma',
		group: 'signal',
		duty: 1,
		weight: 0.3,
		colours: ({ family, zone }) => (zone !== 'rear' ? ['amber'] : family === 'US' ? ['red'] : ['amber', 'red']),
		synonyms: ['marker', 'side marker', 'corner lamp']
	},
	stop: {
		label: 'Stop',
		mark: 'St',
		group: 'signal',
		duty: 1,
		weight: 0.8,
		colours: red,
		synonyms: ['brake', 'brake light', 'stop lamp', 'stop light', 'stoplight']
	},
	tail: {
		label: 'Tail',
		mark: 'Ta',
		group: 'signal',
		duty: 1,
		weight: 0.6,
		colours: red,
		synonyms: ['rear position', 'tail light', 'taillight', 'tail lamp', 'taillamp', 'rear light']
	},
	chmsl: {
		label: 'High stop',
		mark: 'Hs',
		group: 'signal',
		duty: 1,
		weight: 0.6,
		colours: red,
		synonyms: [
			'centre high-mount stop',
			'third brake light',
			'third brake',
			'3rd brake',
			'third stop',
			'centre brake',
			'center brake',
			'high mount',
			'high mount stop',
			'high level brake',
			'high brake',
			'high stop'
		]
	},
	'rear-fog': {
		label: 'Rear fog',
		mark: 'Rf',
		group: 'signal',
		duty: 1,
		weight: 0.4,
		colours: red,
		synonyms: ['rear fog lamp', 'fog rear']
	},
	reverse: {
		label: 'Reverse',
		mark: 'Re',
		group: 'signal',
		duty: 1,
		lasts: 180,
		weight: 0.5,
		colours: white,
		synonyms: ['reversing', 'backup', 'back-up', 'back-up light']
	},
	'licence-plate': {
		label: 'Licence plate',
		short: 'Plate',
		mark: 'Pl',
		group: 'signal',
		duty: 1,
		weight: 0.4,
		colours: white,
		synonyms: ['number plate', 'plate', 'license plate', 'licence plate', 'tag', 'tag light', 'license', 'licence']
	},
	cornering: {
		label: 'Cornering',
		mark: 'Co',
		group: 'signal',
		duty: 1,
		weight: 0.3,
		colours: white,
		synonyms: ['cornering lamp', 'cornering light', 'static bending', 'bending light']
	},
	cargo: {
		label: 'Cargo',
		mark: 'Ca',
		group: 'work',
		duty: 1,
		weight: 0.2,
		colours: free,
		synonyms: ['bed', 'bed light', 'truck bed', 'load light', 'load bed']
	},
	work: {
		label: 'Work lamp',
		short: 'Work',
		mark: 'Wk',
		group: 'work',
		duty: 1,
		weight: 0.2,
		colours: free,
		synonyms: ['work light', 'working lamp']
	},
	underhood: {
		label: 'Under the hood',
		short: 'Underhood',
		mark: 'Uh',
		group: 'work',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: [
			'under hood',
			'under-hood',
			'under bonnet',
			'under-bonnet',
			'underbonnet',
			'engine compartment',
			'hood light',
			'bonnet lamp'
		]
	},
	step: {
		label: 'Step',
		mark: 'Sp',
		group: 'work',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['step light', 'running board', 'running board lamp', 'entry step']
	},
	puddle: {
		label: 'Puddle',
		mark: 'Pu',
		group: 'work',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['mirror light', 'mirror lamp', 'ground light', 'approach light']
	},
	dome: {
		label: 'Dome',
		mark: 'Do',
		group: 'cabin',
		duty: 1,
		weight: 0.2,
		colours: free,
		synonyms: ['interior', 'ceiling', 'roof light', 'courtesy', 'courtesy light']
	},
	map: {
		label: 'Map',
		mark: 'Mp',
		group: 'cabin',
		duty: 1,
		weight: 0.2,
		colours: free,
		synonyms: ['reading', 'reading light']
	},
	vanity: {
		label: 'Vanity',
		mark: 'Va',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['visor', 'sun visor', 'make-up mirror', 'vanity mirror']
	},
	footwell: {
		label: 'Footwell',
		mark: 'Fw',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['floor light']
	},
	door: {
		label: 'Door',
		mark: 'Dd',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['courtesy door', 'door edge']
	},
	glovebox: {
		label: 'Glovebox',
		mark: 'Gl',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['glove box']
	},
	ambient: {
		label: 'Ambient',
		mark: 'Am',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['ambient light', 'mood light']
	},
	luggage: {
		label: 'Luggage',
		mark: 'Lu',
		group: 'cabin',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['boot', 'trunk', 'hatch', 'tailgate', 'load space', 'luggage compartment']
	},
	'cluster-backlight': {
		label: 'Cluster backlight',
		short: 'Cluster',
		mark: 'Cl',
		group: 'cluster',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['instrument', 'instruments', 'gauge', 'dash', 'dash light', 'speedometer']
	},
	'tell-tale': {
		label: 'Tell-tale',
		mark: 'Tt',
		group: 'cluster',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['telltale', 'warning light', 'warning lamp', 'indicator repeater in the dash']
	},
	'switch-backlight': {
		label: 'Switch backlight',
		short: 'Switch',
		mark: 'Sw',
		group: 'cluster',
		duty: 1,
		weight: 0.1,
		colours: free,
		synonyms: ['switch light', 'heater panel', 'climate panel']
	}
} as const satisfies Record<string, LampFunction>;

export type FunctionId = keyof typeof FUNCTIONS;

/** Every function id, in walking order. */
export const FUNCTION_IDS = Object.keys(FUNCTIONS) as [FunctionId, ...FunctionId[]];

const SEEN_OUTSIDE: ReadonlySet<FunctionGroup> = new Set(['headlamp', 'fog', 'signal']);

/** True when somebody outside is meant to see one of these functions, or to see by it. */
export function showsOutside(functions: readonly FunctionId[]): boolean {
	return functions.some((id) => SEEN_OUTSIDE.has(FUNCTIONS[id].group));
}

/** True when one of these throws a beam: a headlamp or a fog lamp. */
export function isBeam(functions: readonly FunctionId[]): boolean {
	return functions.some((id) => FUNCTIONS[id].group === 'headlamp' || FUNCTIONS[id].group === 'fog');
}

/** The definition of a function. */
export function lampFunction(id: FunctionId): LampFunction {
	return FUNCTIONS[id];
}
