import type { KitOrder, Socket } from '../../model';
import { dealt, type OpenSocket } from './answer';
import { wantedFor } from './closing';
import type { Group, KitCase } from '../choices/options';
import type { SolvedKit } from '../solution/solve-checked';

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
	{ kit, solution }: SolvedKit,
	groups: readonly Group[],
	kitCase: KitCase,
	order: KitOrder
): OpenSocket[] {
	const over = new Set(kit.left.flatMap(({ group }) => group.members.map((g) => g.sockets[0])));
	const never = groups.filter((g) => !over.has(g.sockets[0] as Socket));
	const wanted = (group: Group) => {
		const [socket] = group.sockets;
		return group.fixed || group.options.length > 0 || !socket ? null : wantedFor(kitCase, socket);
	};
	return [...never, ...dealt(kit, solution.values).open].flatMap((group) => {
		const why = group.open ?? whyLeft(group, order);
		const words = wanted(group);
		return group.sockets.map((s): OpenSocket => ({ socket: s.id, why, ...(words ? { wanted: words } : {}) }));
	});
}
