import type { FrontDimension } from '../../wording/size';
import { finding, type Finding } from '../../findings/finding';
import { MAKER, type FindingSource } from '../../findings/source';

/** One dimension of a body in front of the reference plane against its room; a number missing on either side is unknown. */
export function frontDimension(
	what: FrontDimension,
	body: number | undefined,
	room: number | undefined,
	roomSource: FindingSource
): Finding {
	if (body === undefined) return finding('unknown', 'size.front.unknown', { what, whose: 'lamp' }, { source: MAKER });
	if (room === undefined)
		return finding('unknown', 'size.front.unknown', { what, whose: 'socket' }, { source: roomSource });
	return body <= room
		? finding('pass', 'size.front.clears', { what, body, room }, { source: roomSource })
		: finding('refuse', 'size.front.hits', { what, body, room }, { source: roomSource });
}
