import type { Channel, Configuration, Side } from '../model';
import type { FunctionId } from '../lamps';

/** A switch of the vehicle, and the functions it lights. */
interface Switch {
	label: string;
	lights: readonly FunctionId[];
	/** Only lamps of this side; lamps in the middle belong to both. */
	side?: Exclude<Side, 'centre'>;
	/** What it takes the light from where one lamp serves both, as main beam does with dipped. */
	instead?: FunctionId;
}

const PARKING: readonly FunctionId[] = [
	'front-position',
	'tail',
	'side-marker',
	'licence-plate',
	'cluster-backlight',
	'switch-backlight',
	'ambient'
];

/** Every switch. A new one is an entry here. */
export const SWITCHES = {
	position: { label: 'Position', lights: PARKING },
	low: { label: 'Low beam', lights: [...PARKING, 'low-beam'] },
	high: { label: 'High beam', lights: [...PARKING, 'low-beam', 'high-beam'], instead: 'low-beam' },
	drl: { label: 'Daytime running', lights: ['drl'] },
	left: { label: 'Left turn', lights: ['turn', 'cornering', 'tell-tale'], side: 'left' },
	right: { label: 'Right turn', lights: ['turn', 'cornering', 'tell-tale'], side: 'right' },
	hazard: { label: 'Hazard', lights: ['turn', 'tell-tale'] },
	brake: { label: 'Brake', lights: ['stop', 'chmsl'] },
	reverse: { label: 'Reverse', lights: ['reverse'] },
	fog: { label: 'Fog', lights: [...PARKING, 'low-beam', 'fog', 'rear-fog'] },
	doors: {
		label: 'Doors open',
		lights: [
			'dome',
			'map',
			'footwell',
			'door',
			'puddle',
			'luggage',
			'cargo',
			'glovebox',
			'vanity',
			'step',
			'underhood',
			'work'
		]
	}
} as const satisfies Record<string, Switch>;

export type SwitchId = keyof typeof SWITCHES;
export const SWITCH_IDS = Object.keys(SWITCHES) as SwitchId[];

/** Modes people test one after the other, by the switches that are on. */
export const MODES = {
	off: [],
	position: ['position'],
	low: ['low'],
	high: ['high'],
	drl: ['drl'],
	'left-turn': ['left'],
	'right-turn': ['right'],
	hazard: ['hazard'],
	brake: ['brake'],
	'brake-left-turn': ['brake', 'left'],
	'brake-right-turn': ['brake', 'right'],
	reverse: ['reverse'],
	fog: ['fog'],
	'doors-open': ['doors']
} as const satisfies Record<string, readonly SwitchId[]>;

export type ModeId = keyof typeof MODES;
export const MODE_IDS = Object.keys(MODES) as ModeId[];

/** True for the id of a mode. */
export const isMode = (text: string): text is ModeId => Object.hasOwn(MODES, text);

/** The mode in which nothing but one switch is on; null for a switch that has no mode of its own. */
export function modeOfSwitch(id: SwitchId): ModeId | null {
	return MODE_IDS.find((mode) => MODES[mode].length === 1 && MODES[mode].join() === id) ?? null;
}

/** A mode in words. @example modeLabel('brake-left-turn') // "Brake and left turn" */
export function modeLabel(switches: readonly SwitchId[]): string {
	const [first, ...rest] = switches.map((id) => SWITCHES[id].label);
	return first === undefined ? 'Off' : [first, ...rest.map((label) => label.toLowerCase())].join(' and ');
}

/** How a channel stands in a mode. */
export interface Drive {
	/** Functions it is on for; empty while it is off. */
	functions: FunctionId[];
	/** True when it comes and goes with the flasher. */
	flashing: boolean;
}

const OFF: Drive = { functions: [], flashing: false };

/** Sides the lamps of a channel stand on for one function. */
function sidesOf(configuration: Configuration, channel: Channel, fn: FunctionId): Set<Side> {
	const ids = new Set(channel.feeds.filter((feed) => feed.function === fn).map((feed) => feed.socket as string));
	return new Set(configuration.sockets.filter((socket) => ids.has(socket.id)).map((socket) => socket.side));
}

/** True when a lamp of the channel serves a function and the one that takes its place, on contacts of its own. */
function shares(
	configuration: Configuration,
	channel: Channel,
	{ fn, instead }: { fn: FunctionId; instead: FunctionId }
): boolean {
	return channel.feeds.some(({ socket: id, function: own }) => {
		const socket = configuration.sockets.find((s) => s.id === id);
		return own === fn && socket?.functions.includes(instead);
	});
}

/** What a channel does while some switches are on. */
export function driveOf(configuration: Configuration, channel: Channel, switches: readonly SwitchId[]): Drive {
	const own = new Set(channel.feeds.map((feed) => feed.function));
	const lit = new Set<FunctionId>();
	for (const id of switches) {
		const { lights, side, instead } = SWITCHES[id] as Switch;
		for (const fn of lights) {
			if (!own.has(fn)) continue;
			if (side && !reaches(sidesOf(configuration, channel, fn), side)) continue;
			if (fn === instead && shares(configuration, channel, { fn, instead: 'high-beam' })) continue;
			lit.add(fn);
		}
	}
	if (lit.size === 0) return OFF;
	const functions = [...lit];
	// A wire that carries stop and turn of one lamp flashes while both are asked for: the turn signal goes first.
	return { functions, flashing: functions.includes('turn') };
}

/** A channel for one side serves that side; one whose lamps stand on both, or in the middle, serves either. */
function reaches(sides: ReadonlySet<Side>, side: Side): boolean {
	return sides.has(side) || sides.has('centre');
}
