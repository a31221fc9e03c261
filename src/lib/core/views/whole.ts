import type { Configuration } from '../model';
import type { Coverage, Moved } from '../match';
import { groupName, twinGroups } from '../vehicle';

/** A place that a wish leaves without a lamp, or gives another one; a pair once. */
export interface ShownMove {
	socket: string;
	name: string;
	before: string;
	after: string | null;
}

/** What a wish costs, with the names of places. */
export interface ShownCoverage extends Omit<Coverage, 'lost' | 'changed'> {
	lost: ShownMove[];
	changed: ShownMove[];
}

const named = ({ product }: Moved['before']) => `${product.maker} ${product.name}`;

function moves(configuration: Configuration, list: readonly Moved[]): ShownMove[] {
	return twinGroups(configuration.sockets).flatMap((group) => {
		const own = list.filter((move) => group.some((socket) => socket.id === move.socket));
		const [first] = own;
		if (!first) return [];
		const name = groupName(group.filter((socket) => own.some((move) => move.socket === socket.id)));
		return [{ socket: first.socket, name, before: named(first.before), after: first.after && named(first.after) }];
	});
}

/** Prepares what a wish costs for showing. */
export function showCoverage(configuration: Configuration, coverage: Coverage): ShownCoverage {
	return {
		...coverage,
		lost: moves(configuration, coverage.lost),
		changed: moves(configuration, coverage.changed)
	};
}
