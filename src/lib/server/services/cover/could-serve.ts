import type { Knex } from 'knex';
import type { CounterReply } from '../../../core/views';
import type { AskCover } from './tables';
import type { WouldServe } from './asked/would-serve';
import { coverStanding } from './standing';

/** Places of one reply that are looked at, at most. */
const MOST = 4;

/** Names a place of a reply. */
export const placeKey = (vehicle: string, socket: string): string => `${vehicle} ${socket}`;

/**
 * For places of the counter's reply that nothing serves: the lamp that would, by place. Nothing where the cover was never worked out; a question
 * that cannot be answered just now is left out, since the customer has their answer already.
 */
export async function couldServe(db: Knex, reply: CounterReply, ask: AskCover): Promise<Record<string, WouldServe>> {
	const open = reply.vehicles.flatMap(({ id, answers }) =>
		answers
			.filter(({ best, open: nothing }) => nothing === null && best?.verdict !== 'fits' && best?.verdict !== 'parts')
			.map(({ socket }) => ({ vehicle: id, socket }))
	);
	if (open.length === 0 || (await coverStanding(db)).finishedAt === null) return {};
	const found: Record<string, WouldServe> = {};
	for (const place of open.slice(0, MOST)) {
		const lamp = await ask('wouldServe', place).catch(() => null);
		if (lamp) found[placeKey(place.vehicle, place.socket)] = lamp;
	}
	return found;
}
