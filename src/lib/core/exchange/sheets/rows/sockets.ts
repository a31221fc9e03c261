import { agree, isShared, valueAt } from '../../../vehicle';
import { freeSocketId } from '../../../walk';
import type { Socket } from '../../../model';
import type { Assembly, Loose, ReadRow } from '../assembly';

/** The id of the socket that sits where a row says, or a free one for a new socket there; empty when the row does not say where. */
function idByPlace(sockets: readonly Loose[], record: Loose): string {
	const { zone, side, index = 1, functions = [] } = record as Partial<Socket>;
	if (!zone || !side || functions.length === 0) return '';
	const there = sockets.find(
		(s) =>
			s.zone === zone &&
			s.side === side &&
			(s.index ?? 1) === index &&
			(s.functions as string[] | undefined)?.join() === functions.join()
	);
	const taken = new Set(sockets.map((s) => String(s.id)));
	return there ? String(there.id) : freeSocketId({ functions, zone, side, index }, taken);
}

/** A row of a socket: what its cells say on top of what is known of it. */
export function addSocket(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const id = (row.record.id as string | undefined) ?? idByPlace(vehicle.sockets, row.record);
	if (!id)
		return assembly.problem(
			{ tab, row: row.number, column: 'id' },
			'The row names no socket: give an id, or zone, side and functions.'
		);
	if (!assembly.names(`${row.owner}\nsocket\n${id}`, tab, row)) return;
	const at = vehicle.sockets.findIndex((s) => s.id === id);
	const before = at >= 0 ? (vehicle.sockets[at] as Loose) : { id };
	if (before.unit) {
		const kept = Object.entries(row.values).find(
			([path, value]) => isShared(before, path) && !agree(valueAt(before, path), value)
		);
		if (kept)
			return assembly.problem(
				{ tab, row: row.number, column: kept[0] },
				`${id} belongs to a shared lamp unit, which keeps this fact: change it there.`
			);
	}
	const next = { ...assembly.claimed('socket', before, row), id };
	if (at >= 0) vehicle.sockets[at] = next;
	else vehicle.sockets.push(next);
}
