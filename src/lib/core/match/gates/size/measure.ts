import { finding, type Finding } from '../../findings/finding';
import { MAKER_DATA } from '../rule';

/** One dimension of a body in front of the reference plane against its room; a number missing on either side is unknown. */
export function frontDimension(
	what: string,
	body: number | undefined,
	room: number | undefined,
	roomSource: string
): Finding {
	if (body === undefined) return finding('unknown', 'size.front.unknown', { what, whose: 'lamp' }, MAKER_DATA);
	if (room === undefined) return finding('unknown', 'size.front.unknown', { what, whose: 'socket' }, roomSource);
	return body <= room
		? finding('pass', 'size.front.clears', { what, body, room }, roomSource)
		: finding('refuse', 'size.front.hits', { what, body, room }, roomSource);
}
