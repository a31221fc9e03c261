import type { PartPlace } from '../accessories';
import type { Configuration } from '../model';
import { outputName, socketName } from '../vehicle';

/** Where a part is fitted, in words. @example "at Rear turn, left" */
export function partPlaceWords(
	{ sockets, channels }: Pick<Configuration, 'sockets' | 'channels'>,
	{ socket: id, channel: output }: PartPlace
): string {
	const socket = sockets.find((s) => s.id === id);
	if (socket) return `at ${socketName(socket)}`;
	const channel = channels.find((c) => c.id === output);
	if (!channel) return 'for the whole vehicle';
	const fed = sockets.filter((s) => channel.feeds.some((feed) => feed.socket === s.id));
	return `on the wire of the ${outputName({ sockets, channels }, channel.id)}${fed.length > 0 ? `, at one of ${fed.map(socketName).join('; ')}` : ''}`;
}
