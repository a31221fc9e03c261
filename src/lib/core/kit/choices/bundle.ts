import type { AccessGraph } from '../../access';
import type { Configuration } from '../../model';
import { filamentOf } from '../../lamps';
import { channelsOf } from '../../vehicle';
import { leavingWeight } from '../weigh/leaving';
import type { Weigh } from '../weigh/balance';
import { optionCost, type Group } from './group';

/** Groups nobody can tell apart, decided by how many of them get each product. */
export interface Bundle extends Group {
	/** The groups, in the order they are dealt to. Sockets are those of all of them. */
	members: Group[];
}

/** What groups are told apart by. */
interface BundledBy {
	configuration: Configuration;
	weigh: Weigh;
	access: AccessGraph | null;
}

/** A group by itself. */
export const single = (group: Group): Bundle => ({ ...group, members: [group] });

/** All that the program says of a group: what may go there and at what cost, and what hangs on which output. */
function equivalenceKey(group: Group, { configuration, weigh, access }: BundledBy): string | null {
	if (group.fixed || group.options.some((o) => o.needs.some((n) => n.need.kind !== 'load'))) return null;
	const outputs = group.sockets.flatMap((socket) =>
		channelsOf(configuration, socket).flatMap((channel) => {
			const monitored = channel.monitor && channel.monitor.kind !== 'none';
			const feeds = channel.feeds.filter((f) => f.socket === socket.id);
			return monitored ? [`${channel.id} ${feeds.map((f) => filamentOf(socket.functions, f.function)).join()}`] : [];
		})
	);
	const options = group.options.map((o) => [
		o.product.id,
		optionCost(o, weigh),
		o.white?.cct.toFixed(0),
		o.white?.duv.toFixed(4)
	]);
	const [first] = group.sockets;
	return JSON.stringify([
		group.sockets.length,
		first?.functions,
		first?.category,
		first?.zone,
		leavingWeight(group),
		outputs.sort(),
		options,
		// Only groups that the same work reaches are alike where that work counts.
		access && group.sockets.map(({ id }) => access.reaching.get(id))
	]);
}

/** Puts groups together that nobody can tell apart, so that the solver does not try every order of the same choice. */
export function bundled(groups: readonly Group[], by: BundledBy): Bundle[] {
	const byKey = new Map<string, Bundle>();
	return groups.flatMap((group): Bundle[] => {
		const key = group.options.length > 0 ? equivalenceKey(group, by) : null;
		const bundle = key === null ? undefined : byKey.get(key);
		if (bundle) {
			bundle.members.push(group);
			bundle.sockets.push(...group.sockets);
			return [];
		}
		const own = { ...single(group), sockets: [...group.sockets] };
		if (key !== null) byKey.set(key, own);
		return [own];
	});
}
