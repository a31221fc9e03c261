import type { Operation, Socket } from '../model';
import type { AccessGraph } from './graph';
import { isReady } from './possible';

const OUTSIDE: ReadonlySet<string> = new Set(['front', 'side', 'rear', 'roof', 'engine']);
const isOutside = (zones: ReadonlySet<string>) => [...zones].some((zone) => OUTSIDE.has(zone));

/** What two operations have in common that follow each other: the more, the less a person walks and changes tools. */
function kept(
	next: Operation,
	last: Operation | undefined,
	zones: (operation: Operation) => ReadonlySet<string>
): number {
	if (!last) return next.side === 'both' || next.side === undefined ? 1 : 0;
	const [mine, theirs] = [zones(next), zones(last)];
	const sameSide = next.side === last.side ? 8 : next.side === 'both' || last.side === 'both' ? 4 : 0;
	const sameZone = [...mine].some((zone) => theirs.has(zone)) ? 6 : 0;
	const stays = mine.size > 0 && theirs.size > 0 && isOutside(mine) === isOutside(theirs) ? 9 : 0;
	const follows = (next.after ?? []).includes(last.id) || (next.anyOf ?? []).flat().includes(last.id) ? 2 : 0;
	const tools = new Set(last.tools);
	const sameTools = (next.tools ?? []).every((tool) => tools.has(tool)) ? 1 : 0;
	return sameSide + sameZone + stays + follows + sameTools;
}

/**
 * Operations in an order in which each can be done: one side after the other and a zone at a time where that is possible, tools changed seldom.
 * Operations that wait for something that is not among them are left out.
 */
export function inOrder(
	operations: readonly Operation[],
	{ graph, sockets }: { graph: AccessGraph; sockets: readonly Pick<Socket, 'id' | 'zone'>[] }
): Operation[] {
	const zoneOf = new Map(sockets.map(({ id, zone }) => [id as string, zone as string]));
	const zones = zonesReached(operations, graph, zoneOf);
	const done = new Set<string>();
	const order: Operation[] = [];
	let waiting = [...operations];
	for (;;) {
		const ready = waiting.filter((operation) => isReady(operation, done));
		const last = order.at(-1);
		const [first, ...others] = ready;
		if (!first) return order;
		const next = others.reduce((best, one) => (kept(one, last, zones) > kept(best, last, zones) ? one : best), first);
		order.push(next);
		done.add(next.id);
		waiting = waiting.filter(({ id }) => id !== next.id);
	}
}

/** Zones of the lamps that an operation reaches, or that is reached after it. */
function zonesReached(
	operations: readonly Operation[],
	{ operations: all }: AccessGraph,
	zoneOf: ReadonlyMap<string, string>
) {
	const found = new Map<string, Set<string>>(operations.map(({ id }) => [id, new Set<string>()]));
	for (const operation of operations) {
		const zones = (operation.reaches ?? []).flatMap((place) => zoneOf.get(place) ?? []);
		const seen = new Set<string>();
		const up = [operation.id];
		for (let id = up.pop(); id !== undefined; id = up.pop()) {
			if (seen.has(id)) continue;
			seen.add(id);
			for (const zone of zones) found.get(id)?.add(zone);
			const one = all.get(id);
			up.push(...(one?.after ?? []), ...(one?.anyOf ?? []).flat());
		}
	}
	const none: ReadonlySet<string> = new Set();
	return ({ id }: Operation) => found.get(id) ?? none;
}
