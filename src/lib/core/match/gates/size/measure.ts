import type { FrontDimension } from '../../wording/size';
import { finding, type Finding } from '../../findings/finding';
import { MAKER, type FindingSource } from '../../findings/source';

/** One dimension of a body in front of the reference plane against its room; a number missing on either side is unknown. */
export function frontDimension(
	what: FrontDimension,
	{ body, room, roomSource }: { body: number | undefined; room: number | undefined; roomSource: FindingSource }
): Finding {
	if (body === undefined)
		return finding('size.front.unknown', { what, whose: 'lamp' }, { level: 'unknown', source: MAKER });
	if (room === undefined)
		return finding('size.front.unknown', { what, whose: 'socket' }, { level: 'unknown', source: roomSource });
	return body <= room
		? finding('size.front.clears', { what, body, room }, { level: 'pass', source: roomSource })
		: finding('size.front.hits', { what, body, room }, { level: 'refuse', source: roomSource });
}
