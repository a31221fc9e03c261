import { lampFunction } from '../../lamps';
import type { Configuration, Operation, Socket } from '../../model';
import { takeAt, wordsOf } from '../../walk';
import { FLASHER_PLACE, MOUNT_PREFIX } from '../graph';
import { PART_WORDS } from './vocabulary';

const plain = (text: string) =>
	text
		.toLowerCase()
		.replace(/[^\p{L}\p{N}]+/gu, ' ')
		.trim();
const partOf = (text: string) => (Object.hasOwn(PART_WORDS, text) ? PART_WORDS[text] : undefined) ?? text;

/** Operations on record that words mean, the one of this side or of both first: by id, part or title. */
export function operationNamed(
	operations: readonly Operation[],
	text: string,
	side: Operation['side']
): Operation | null {
	const said = plain(text).replace(/^(?:the|left|right) /, '');
	const ofOther = /^\s*(left|right)\b/i.exec(text)?.[1]?.toLowerCase();
	const wanted = ofOther ?? side;
	const fits = operations.filter(
		({ id, part = '', title }) =>
			[plain(id), plain(part), plain(title)].includes(said) || plain(part) === partOf(said) || plain(id) === plain(text)
	);
	const near =
		fits.length > 0
			? fits
			: operations.filter(({ title, part = '' }) => ` ${plain(`${title} ${part}`)} `.includes(` ${said} `));
	return (
		near.find((one) => one.side === wanted) ??
		near.find((one) => one.side === 'both' || one.side === undefined) ??
		(wanted === 'both' || wanted === undefined ? (near[0] ?? null) : null)
	);
}

/** Places that words mean: the flasher, a mount, an output, sockets by id or by their functions on a side. Empty when they mean none. */
export function placesNamed(
	{ sockets, channels }: Pick<Configuration, 'sockets' | 'channels'>,
	text: string,
	side: Operation['side']
): string[] {
	const said = text.trim();
	const lower = said.toLowerCase();
	if (lower === FLASHER_PLACE || lower === 'the flasher') return [FLASHER_PLACE];
	if (lower.startsWith(MOUNT_PREFIX) || lower.startsWith('channel:')) {
		const isChannel = channels.some(({ id }) => `channel:${id}` === said);
		return isChannel || lower.startsWith(MOUNT_PREFIX) ? [said] : [];
	}
	const byId = sockets.find(({ id }) => id === said);
	if (byId) return [byId.id];
	const asked = functionsIn(said);
	const sideSaid = /\b(left|right)\b/i.exec(said)?.[1]?.toLowerCase() ?? side;
	return sockets.filter((socket) => serves(socket, asked) && isOn(socket, sideSaid)).map(({ id }) => id as string);
}

function functionsIn(text: string): Set<string>[] {
	const words = wordsOf(text);
	const found: Set<string>[] = [];
	for (let at = 0; at < words.length;) {
		const taken = takeAt(words, at);
		if (taken?.meaning.kind === 'function') found.push(new Set(taken.meaning.ids));
		at += taken?.length ?? 1;
	}
	return found;
}

const serves = ({ functions, zone }: Socket, asked: readonly Set<string>[]) =>
	asked.length > 0 &&
	asked.every((ids) =>
		functions.some((id) => ids.has(id) || (id === 'rear-fog' && zone === 'rear' && ids.has('fog')))
	) &&
	functions.every((id) => lampFunction(id) !== undefined);

const isOn = ({ side: own }: Socket, side: string | undefined) =>
	side === undefined || side === 'both' || own === side || own === 'centre';
