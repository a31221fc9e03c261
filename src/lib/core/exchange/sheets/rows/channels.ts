import type { Assembly, Loose, ReadRow } from '../assembly';

/** A row of a channel: what its cells say on top of what is known of it. */
export function addChannel(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const id = String(row.record.id ?? '');
	if (!id) return assembly.problem({ tab, row: row.number, column: 'id' }, 'The channel has no id.');
	if (!assembly.names(`${row.owner}\nchannel\n${id}`, tab, row)) return;
	const feeds = (row.values.feeds as string[] | undefined)?.map((text) => {
		const [socket = '', fn = ''] = text.replaceAll('~', ' ').split(':');
		return { socket, function: fn };
	});
	const values = feeds ? { ...row.values, feeds } : row.values;
	const at = vehicle.channels.findIndex((c) => c.id === id);
	const before = at >= 0 ? (vehicle.channels[at] as Loose) : { id, feeds: [] };
	const next = assembly.claimed('channel', before, { ...row, values });
	if (at >= 0) vehicle.channels[at] = next;
	else vehicle.channels.push(next);
}
