import type { Knex } from 'knex';
import { eventsSince } from '../../repositories/events';
import { configurationNames } from '../../repositories/configurations';

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

type Event = Awaited<ReturnType<typeof eventsSince>>[number];

/** Changes that were made together, such as by an import, stand as one with how many more there were. */
function together(events: readonly Event[]): { event: Event; more: number }[] {
	const groups: { event: Event; more: number }[] = [];
	for (const event of events) {
		const last = groups.at(-1);
		const isSame = last && last.event.what === event.what && last.event.by === event.by && last.event.at === event.at;
		if (isSame) last.more += 1;
		else groups.push({ event, more: 0 });
	}
	return groups;
}

/** The id in the name of a record of some kind; that of a shelf at a branch names the branch behind it. */
const idIn = (record: string, kind: string) =>
	record.startsWith(`${kind}:`) ? (record.slice(kind.length + 1).split('@')[0] ?? null) : null;

/** What changed since an instant, the last first: changes of vehicles, products and parts, by whom. */
export async function changedSince(db: Knex, since: string): Promise<{ changes: ChangeSince[]; total: number }> {
	const groups = together(await eventsSince(db, since));
	const shown = groups.slice(0, MOST);
	const names = await configurationNames(
		db,
		shown.flatMap(({ event }) => idIn(event.record, 'configuration') ?? [])
	);
	return {
		total: groups.length,
		changes: shown.map(({ event: { id, at, by, what, record }, more }) => {
			const vehicle = idIn(record, 'configuration');
			return {
				id,
				at,
				by,
				what: more > 0 ? `${what}: ${more + 1} records` : what,
				vehicle: vehicle === null || more > 0 ? null : { id: vehicle, name: names.get(vehicle) ?? vehicle },
				item: more > 0 ? null : (idIn(record, 'product') ?? idIn(record, 'accessory'))
			};
		})
	};
}
