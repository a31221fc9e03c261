import { lampFunction } from '../lamps';
import type { Configuration, Operation, Socket } from '../model';
import { FLASHER_PLACE } from './graph';

/** What is assumed of the way to a lamp that nobody has recorded. */
export interface DefaultAccess {
	title: string;
	/** There and back, min. */
	minutes: number;
	/** True when it is done once for both sides. */
	shared?: true;
}

/**
 * Usual ways to a lamp by where it sits and how it is held, the first that applies. They are estimates of what most vehicles ask, shown as such:
 * nobody has recorded this one.
 */
const USUAL: readonly (DefaultAccess & { applies: (socket: Socket) => boolean })[] = [
	{ title: 'Reach the instrument cluster', minutes: 40, shared: true, applies: ({ zone }) => zone === 'cluster' },
	{
		title: 'Reach behind the headlamp',
		minutes: 20,
		applies: ({ zone, functions }) => zone === 'front' && functions.some((id) => lampFunction(id).group === 'headlamp')
	},
	{
		title: 'Reach the fog lamp from below or through the wheel arch',
		minutes: 20,
		applies: ({ zone, functions }) => zone === 'front' && functions.includes('fog')
	},
	{ title: 'Reach the lamp at the front', minutes: 15, applies: ({ zone }) => zone === 'front' || zone === 'engine' },
	{ title: 'Take the repeater or the mirror lamp out', minutes: 8, applies: ({ zone }) => zone === 'side' },
	{
		title: 'Unscrew or lever out the lens',
		minutes: 5,
		applies: ({ functions, retention }) => functions.includes('licence-plate') || retention === 'festoon'
	},
	{ title: 'Reach the high stop lamp', minutes: 15, applies: ({ functions }) => functions.includes('chmsl') },
	{ title: 'Reach behind the rear lamp', minutes: 12, applies: ({ zone }) => zone === 'rear' },
	{ title: 'Take the lamp out of the roof', minutes: 10, applies: ({ zone }) => zone === 'roof' },
	{ title: 'Take the lens or the lamp out of its trim', minutes: 5, applies: () => true }
];

/** What is assumed of the way to a socket that nobody has recorded; the last usual way applies to every lamp. */
export function defaultAccess(socket: Socket): DefaultAccess {
	const { title, minutes, shared } = USUAL.find(({ applies }) => applies(socket)) as DefaultAccess;
	return { title, minutes, ...(shared ? { shared } : {}) };
}

/** What is assumed of the way to a flasher that nobody has recorded. */
export const FLASHER_ACCESS: DefaultAccess = { title: 'Find and reach the flasher', minutes: 20 };

/** A way in that is only assumed: it is done like an operation, and is none of the record. */
export interface AssumedOperation extends Operation {
	assumed: true;
}

/** True for a way in that nobody has recorded. */
export const isAssumed = (operation: Operation): operation is AssumedOperation => 'assumed' in operation;

/** What is assumed of the way to some places that nobody recorded: once for all lamps of a side that are reached alike. */
export function assumedOperations(
	{ sockets }: Pick<Configuration, 'sockets'>,
	places: readonly string[]
): AssumedOperation[] {
	const found = new Map<string, AssumedOperation>();
	const add = ({ title, minutes, shared }: DefaultAccess, place: string, own: Operation['side']) => {
		const side = shared ? 'both' : own;
		const id = `reach ${title} ${side ?? ''}`.trim();
		const reaches = [...(found.get(id)?.reaches ?? []), place];
		found.set(id, { id, title, side, minutesOff: minutes / 2, minutesOn: minutes / 2, reaches, assumed: true });
	};
	for (const place of places) {
		const socket = sockets.find(({ id }) => id === place);
		if (socket) add(defaultAccess(socket), place, socket.side === 'centre' ? 'both' : socket.side);
		else if (place === FLASHER_PLACE) add(FLASHER_ACCESS, place, 'both');
	}
	return [...found.values()];
}
