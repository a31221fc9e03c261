import type { KitOrder, Product, Socket } from '../../model';
import type { KitChoices } from '../choices/choices';
import type { Group, KitCase } from '../choices/group';
import type { KitSolution } from '../solution';
import type { OpenSocket } from './answer';
import { wantedFor } from './closing';

/** Pieces of a product in the packs on the shelf; a pack nobody counted is always there. */
const piecesOnShelf = ({ packs }: Product): number =>
	packs.reduce((sum, pack) => sum + (pack.stock === undefined ? Infinity : pack.stock * pack.count), 0);

function whyLeft(group: Group, { order, cuts }: { order: KitOrder; cuts: KitSolution['cuts'] }): string {
	const needsNothingOnSale = group.options.every((o) => o.needs.some((n) => n.parts.length === 0));
	if (needsNothingOnSale) return 'needs a part that nobody sells here; see Match';
	const most = Math.max(0, ...group.options.map((o) => piecesOnShelf(o.product)));
	if (most === 0) return 'out of stock';
	if (most < group.sockets.length) return `the shelf has ${most} of ${group.sockets.length} lamps of one kind`;
	if (order.budget !== undefined) return 'the budget does not reach';
	const id = `${group.sockets[0]?.id}>`;
	if (cuts.some((cut) => cut.some(({ keys }) => keys.some((key) => key.startsWith(id)))))
		return 'with each lamp that fits the circuit has something to complain of; see Circuit';
	return 'no load or flasher on the shelf contents its output, or other places of the kit took the lamps';
}

/** Every socket without a line: why, and what would close it. */
export function openSockets(
	{ served, assemblies, open, cuts }: KitSolution,
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
		const why = group.open ?? whyLeft(group, { order, cuts });
		const words = wanted(group);
		return group.sockets.map((s): OpenSocket => ({ socket: s.id, why, ...(words ? { wanted: words } : {}) }));
	});
}
