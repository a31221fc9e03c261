import type { Side, Socket, Zone } from '../model';
import type { FunctionId } from '../lamps';
import { usualZone } from './usual-place';

const SIDE_LETTER: Record<Side, string> = { left: '-L', right: '-R', centre: '' };

/** An id that people can read and nobody has taken. @example freeSocketId(['turn'], 'rear', 'left', 1, taken) // "turn-rear-L" */
export function freeSocketId(
	{ functions, zone, side, index }: { functions: readonly FunctionId[]; zone: Zone; side: Side; index: number },
	taken: ReadonlySet<string>
): Socket['id'] {
	const where = usualZone(functions) === zone ? '' : `-${zone}`;
	const base = `${functions.join('-')}${where}${index > 1 ? `-${index}` : ''}${SIDE_LETTER[side]}`;
	let id = base;
	for (let n = 2; taken.has(id); n++) id = `${base}.${n}`;
	return id as Socket['id'];
}
