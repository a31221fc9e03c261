import type { Knex } from 'knex';
import type { Wanted } from '../../core/cover';
import { readAnswer } from '../../core/kit';
import type { FunctionId } from '../../core/lamps';

/** What the kits of the shop left open because nothing was to be had: a socket's functions, once for each kit that is still of use. */
export async function openInKits(db: Knex): Promise<Wanted[]> {
	const rows: { configuration_id: string; answer: string; document: string }[] = await db('kits')
		.join('configurations', 'configurations.id', 'kits.configuration_id')
		.where('kits.open_places', '>', 0)
		.select('kits.configuration_id', 'kits.answer', 'configurations.document');
	return rows.flatMap(({ configuration_id, answer, document }) => {
		const { sockets } = JSON.parse(document) as { sockets: { id: string; functions: FunctionId[] }[] };
		const functions = new Map(sockets.map((socket) => [socket.id, socket.functions]));
		return readAnswer(JSON.parse(answer)).open.flatMap(({ socket }) =>
			(functions.get(socket) ?? []).map((fn) => ({ configuration: configuration_id, function: fn, count: 1 }))
		);
	});
}
