import type { Configuration, Evidence, Side, Socket, Zone } from '../model';
import type { FunctionId } from '../lamps';

/** What has been said of a place so far; everything may still be missing. */
export interface SocketDraft {
	functions: FunctionId[];
	zone: Zone | null;
	sides: Side[];
	index: number;
	/** Facts by their path in the record, such as `category` or `envelope.opening`. */
	facts: Readonly<Record<string, unknown>>;
	source: Evidence['source'] | null;
	/** True when the place was looked at and has no lamp. */
	absent: boolean;
	/** How many lamps there are in all; null when the line does not say. */
	count: number | null;
	/** What else was said of the lamp, beside its category: its cap, and what it draws, W. */
	said?: { caps: readonly string[]; watts: readonly number[] };
}

/** What a line is read against: the vehicle it is about, and what is listed already. */
export interface WalkContext {
	kind: Configuration['kind'];
	market: string;
	/** Where the driver sits; the left when not given. */
	steering?: Configuration['steering'];
	sockets: readonly Socket[];
}

/** A socket on record, as a draft, so that the same checks look at it. */
export function draftOf(socket: Socket): SocketDraft {
	const { category, state, lens, optic, retention } = socket;
	return {
		functions: socket.functions,
		zone: socket.zone,
		sides: [socket.side],
		index: socket.index,
		facts: Object.fromEntries(
			Object.entries({ category, state, lens, optic, retention }).filter(([, value]) => value !== undefined)
		),
		source: null,
		absent: false,
		count: null
	};
}

/** One lamp of a place. */
export interface DraftPlace {
	side: Side;
	index: number;
}

/**
 * Every lamp a draft speaks of: one on each of its sides, or as many as the line says, shared out among them.
 * @example placesOf({ sides: ['left', 'right'], index: 1, count: 4 }) // left 1, left 2, right 1, right 2
 */
export function placesOf({ sides, index, count }: Pick<SocketDraft, 'sides' | 'index' | 'count'>): DraftPlace[] {
	const each = count === null ? 1 : Math.max(1, Math.floor(count / Math.max(1, sides.length)));
	const places = sides.flatMap((side) => Array.from({ length: each }, (_, i) => ({ side, index: index + i })));
	// What is over stands in the middle.
	const over = count === null || sides.length < 2 ? 0 : Math.max(0, count - places.length);
	return [...places, ...Array.from({ length: over }, (_, i) => ({ side: 'centre' as const, index: index + i }))];
}
