import type { Configuration } from '../model';
import type { Coverage, Moved } from '../match';
import { groupName, twinGroups } from '../vehicle';

/** A place that a wish leaves without a lamp, or gives another one; a pair once. */
export interface MoveView {
	socket: string;
	name: string;
	before: string;
	after: string | null;
}

/** What a wish costs, with the names of places. */
export interface CoverageView extends Omit<Coverage, 'lost' | 'changed'> {
	lost: MoveView[];
	changed: MoveView[];
}

const named = ({ product }: Moved['before']) => `${product.maker} ${product.name}`;

function moves(configuration: Configuration, list: readonly Moved[]): MoveView[] {
	return twinGroups(configuration.sockets).flatMap((group) => {
		const own = list.filter((move) => group.some((socket) => socket.id === move.socket));
		const [first] = own;
		if (!first) return [];
		const name = groupName(group.filter((socket) => own.some((move) => move.socket === socket.id)));
		return [{ socket: first.socket, name, before: named(first.before), after: first.after && named(first.after) }];
	});
}

/** Prepares what a wish costs for showing. */
export function coverageView(configuration: Configuration, coverage: Coverage): CoverageView {
	return {
		...coverage,
		lost: moves(configuration, coverage.lost),
		changed: moves(configuration, coverage.changed)
	};
}
