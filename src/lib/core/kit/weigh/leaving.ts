import { lampFunction } from '../../lamps';
import type { Socket } from '../../model';

/** Sockets that are served together or not at all. */
interface Together {
	sockets: readonly Socket[];
}

/** Dearer than any way of serving a socket, minor units. */
const LEAVING = 1_000_000;

/** How much the light of a group matters: that of its most used function, 0 to 1. */
export function leavingWeight({ sockets }: Together): number {
	return Math.max(...sockets.flatMap((s) => s.functions.map((id) => lampFunction(id).weight)));
}

/** What leaving a group open costs: the least used places are left first. */
export function leavingCost(group: Together): number {
	return Math.round(LEAVING * leavingWeight(group) * group.sockets.length);
}
