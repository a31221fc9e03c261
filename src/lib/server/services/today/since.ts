import type { Knex } from 'knex';
import { eventsSince } from '../../repositories/events';
import { vehicleNames } from '../vehicle-names';

/** Something that changed while a person was away. */
export interface ChangeSince {
	id: number;
	at: string;
	by: string | null;
	what: string;
	/** The vehicle it is of, or the product or part; `null` names none. */
	vehicle: { id: string; name: string } | null;
	item: string | null;
}

const MOST = 8;

/** What changed since an instant, the last first: changes of vehicles, products and parts, by whom. */
export async function changedSince(db: Knex, since: string): Promise<{ changes: ChangeSince[]; total: number }> {
	const all = await eventsSince(db, since);
	const events = all.slice(0, MOST);
	const idIn = (record: string, kind: string) => (record.startsWith(`${kind}:`) ? record.slice(kind.length + 1) : null);
	const names = await vehicleNames(
		db,
		events.flatMap(({ record }) => idIn(record, 'configuration') ?? [])
	);
	return {
		total: all.length,
		changes: events.map(({ id, at, by, what, record }) => {
			const vehicle = idIn(record, 'configuration');
			return {
				id,
				at,
				by,
				what,
				vehicle: vehicle === null ? null : { id: vehicle, name: names.get(vehicle) ?? vehicle },
				item: idIn(record, 'product') ?? idIn(record, 'accessory')
			};
		})
	};
}
