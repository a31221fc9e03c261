import type { Configuration, Socket } from '../model';
import { counted } from '../quantity';
import { groupName, placeText, twinGroups } from '../vehicle';

/** From so many on, the places of one kind are counted and no longer listed. */
const COUNTED_FROM = 4;
const COUNT_WORDS: Readonly<Record<number, string>> = { 4: 'four', 5: 'five', 6: 'six', 7: 'seven', 8: 'eight' };

/** The kind of a place: its name without its number. */
const kindOf = (socket: Socket) => placeText({ ...socket, index: 1 });

/**
 * Names of sockets as a line of a kit says them: a pair once, and many of one kind counted.
 * @example ["Side markers, all six", "Low beam, both"]
 */
export function placesInShort({ sockets }: Pick<Configuration, 'sockets'>, ids: readonly string[]): string[] {
	const served = sockets.filter(({ id }) => ids.includes(id));
	return [...new Set(served.map(kindOf))].flatMap((kind) => {
		const here = served.filter((socket) => kindOf(socket) === kind);
		if (here.length < COUNTED_FROM) return twinGroups(here).map(groupName);
		const there = sockets.filter((socket) => kindOf(socket) === kind).length;
		const all = COUNT_WORDS[here.length] ?? String(here.length);
		return [here.length === there ? `${kind}, all ${all}` : `${kind}, ${here.length} of ${counted(there, 'place')}`];
	});
}
