import type { Configuration, Socket } from '../model';
import { lampFunction, type FunctionId } from '../lamps';

const ZONE_WORD: Partial<Record<Socket['zone'], string>> = {
	side: 'side',
	rear: 'rear',
	roof: 'roof',
	engine: 'engine bay'
};
const SIDE_WORD = { left: 'left', right: 'right', centre: '' } as const;

/** A turn lamp on the flank has a name of its own. */
function repeater(socket: Socket, id: FunctionId): string | null {
	return id === 'turn' && socket.zone === 'side' ? 'Repeater' : null;
}

/** Functions of a socket in words. @example functionsText(socket) // "Stop / tail" */
export function functionsText(socket: Socket): string {
	const [first = '', ...rest] = socket.functions.map((id) => repeater(socket, id) ?? lampFunction(id).label);
	return [first, ...rest.map((word) => word.toLowerCase())].join(' / ');
}

/** Position of a socket without its side. @example placeText(socket) // "Rear turn" */
export function placeText(socket: Socket): string {
	const zone = ZONE_WORD[socket.zone] ?? (socket.zone === 'front' && socket.functions.includes('turn') ? 'front' : '');
	const text = functionsText(socket);
	const place = zone && !text.toLowerCase().startsWith(zone) ? `${zone} ${text.toLowerCase()}` : text;
	const number = socket.index > 1 ? ` ${socket.index}` : '';
	return place.charAt(0).toUpperCase() + place.slice(1) + number;
}

/** Shortest name of a socket, for a drawing that shows where it is. @example rimText(socket) // "DRL / position" */
export function rimText(socket: Socket): string {
	const names = socket.functions.map((id) => repeater(socket, id) ?? lampFunction(id).short ?? lampFunction(id).label);
	const [first = '', ...rest] = names;
	// Two beams in one lamp share the word.
	const text = [first, ...rest.map((word) => word.toLowerCase())].join(' / ').replace(' beam /', ' /');
	return socket.index > 1 ? `${text} ${socket.index}` : text;
}

/** Full name of a socket. @example socketName(socket) // "Low beam, left" */
export function socketName(socket: Socket): string {
	const side = SIDE_WORD[socket.side];
	return side ? `${placeText(socket)}, ${side}` : placeText(socket);
}

/** Name of a group of twins: the place, and both sides where there are two. @example "Low beam, both" */
export function groupName(sockets: readonly Socket[]): string {
	const [first] = sockets;
	if (!first) return '';
	return sockets.length > 1 ? `${placeText(first)}, both` : socketName(first);
}

/** @example yearsText([2017, 2021]) // "2017 to 2021" */
function yearsText(years: Configuration['years']): string {
	if (!years) return '';
	return years[0] === years[1] ? String(years[0]) : `${years[0]} to ${years[1]}`;
}

type Named = Pick<Configuration, 'make' | 'model' | 'generation' | 'years' | 'body' | 'options'>;

/** Make, model and generation: what a vehicle is called first. @example "Fenholm Skerry II" */
export function vehicleTitle({ make, model, generation }: Named): string {
	return [make, model, generation].filter(Boolean).join(' ');
}

/** What tells a vehicle from others of its title: years, body, the options that change lamps. @example ["2017 to 2021", "hatchback", "projector headlamps", "halogen fog lamps"] */
export function vehicleMarks({ years, body, options = {} }: Named): string[] {
	const fitted = Object.entries(options).map(([option, value]) => optionWords(option, value));
	return [yearsText(years), body ?? '', ...fitted].filter(Boolean);
}

const OPTION_NOUNS: Readonly<Record<string, string>> = { headlamp: 'headlamps', fog: 'fog lamps' };

/** A factory option as a person says it. @example optionWords('headlamp', 'projector') // "projector headlamps" */
export function optionWords(option: string, value: unknown): string {
	const noun = OPTION_NOUNS[option];
	if (noun) return value === 'none' ? `no ${noun}` : `${String(value)} ${noun}`;
	return value === true ? option : value === false ? `no ${option}` : `${option} ${String(value)}`;
}

/** The name of a vehicle in a sentence or a list. @example "Fenholm Skerry II, 2017 to 2021, hatchback, projector headlamps" */
export function vehicleName(c: Named): string {
	const headlamp = c.options?.headlamp;
	const headlamps = typeof headlamp === 'string' ? optionWords('headlamp', headlamp) : '';
	return [vehicleTitle(c), yearsText(c.years), c.body, headlamps].filter(Boolean).join(', ');
}
