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
}

/** What a line is read against: the vehicle it is about, and what is listed already. */
export interface WalkContext {
	kind: Configuration['kind'];
	market: string;
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
		absent: false
	};
}
