import type { KitOrder, Socket } from '../../model';
import type { KitChoices } from '../choices/choices';
import type { Group, KitCase } from '../choices/group';
import type { KitSolution } from '../solution';
import type { OpenSocket } from './answer';
import { wantedFor } from './closing';

function whyLeft(group: Group, order: KitOrder): string {
	const needsNothingOnSale = group.options.every((o) => o.needs.some((n) => n.parts.length === 0));
	if (needsNothingOnSale) return 'needs a part that nobody sells here; see Match';
	const onShelf = group.options.some((o) => o.product.packs.some((p) => p.stock !== 0));
	if (!onShelf) return 'out of stock';
	return order.budget === undefined
		? 'stock, or the parts its output needs, do not reach'
		: 'the budget does not reach';
}

/** Every socket without a line: why, and what would close it. */
export function openSockets(
	{ served, assemblies, open }: KitSolution,
	{ everyGroup, order, shop }: KitChoices,
	kitCase: KitCase
): OpenSocket[] {
	const decided = new Set<Socket | undefined>(
		[...served.map(({ group }) => group), ...assemblies.flatMap((a) => a.groups), ...open].map((g) => g.sockets[0])
	);
	const never = everyGroup.filter((g) => !decided.has(g.sockets[0]));
	const wanted = (group: Group) => {
		const [socket] = group.sockets;
		return group.fixed || group.options.length > 0 || !socket ? null : wantedFor({ ...kitCase, shop }, socket);
	};
	return [...never, ...open].flatMap((group) => {
		const why = group.open ?? whyLeft(group, order);
		const words = wanted(group);
		return group.sockets.map((s): OpenSocket => ({ socket: s.id, why, ...(words ? { wanted: words } : {}) }));
	});
}
